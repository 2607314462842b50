import { useSyncExternalStore } from "react";

const never = () => () => {};

/** Whether the page lives: what the server sent ahead of it shows, but can't take what is typed yet. */
export function useLive(): boolean {
  return useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
}
