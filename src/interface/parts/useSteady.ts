import { useCallback, useInsertionEffect, useRef } from "react";

/** A handler that is the same one for good and does what the newest that was given does. */
export function useSteady<Args extends unknown[]>(
  given: (...args: Args) => void,
): (...args: Args) => void {
  const newest = useRef(given);
  useInsertionEffect(() => {
    newest.current = given;
  });
  return useCallback((...args) => newest.current(...args), []);
}
