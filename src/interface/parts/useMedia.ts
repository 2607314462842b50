"use client";

import { useCallback, useSyncExternalStore } from "react";

const asked = new Map<string, MediaQueryList>();

/** One list for a query: every key that is typed asks for it, and making one is slow. */
function listOf(query: string): MediaQueryList {
  const list = asked.get(query) ?? window.matchMedia(query);
  asked.set(query, list);
  return list;
}

/** Whether the screen or the hands are as a media query says; on the server they are not. */
export function useMedia(query: string): boolean {
  const watched = useCallback(
    (changed: () => void) => {
      const list = listOf(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    [query],
  );
  return useSyncExternalStore(
    watched,
    () => listOf(query).matches,
    () => false,
  );
}

/** Whether the page is worked by finger. */
export const useFingers = (): boolean => useMedia("(pointer: coarse)");
