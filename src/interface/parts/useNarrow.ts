"use client";

import { useSyncExternalStore } from "react";

/** Screens narrower than this, in CSS pixels, are those of phones. */
const phone = "(max-width: 560px)";

function watched(changed: () => void): () => void {
  const query = window.matchMedia(phone);
  query.addEventListener("change", changed);
  return () => query.removeEventListener("change", changed);
}

/** Whether the screen is a phone's. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    watched,
    () => window.matchMedia(phone).matches,
    () => false,
  );
}
