"use client";

import { Announcer } from "./Announcer";
import { useKeptFocus } from "./useKeptFocus";

/** What every page has for those who work by keys or hear it: a focus that is never lost, and a voice. */
export function PageHands() {
  useKeptFocus();
  return <Announcer />;
}
