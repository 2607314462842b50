import { type RefObject, useEffect, useRef } from "react";

/** Keeps what is still waiting when a thing goes: the newest way to do so, called at its end and whenever it is asked. */
export function useNewest(keep: () => void): RefObject<() => void> {
  const newest = useRef(keep);
  useEffect(() => {
    newest.current = keep;
  });
  useEffect(() => () => newest.current(), []);
  return newest;
}
