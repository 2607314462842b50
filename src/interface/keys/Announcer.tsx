"use client";

import { useStore } from "zustand";
import { spoken } from "./announcer";

/** Where what happened is said to those who hear the page. */
export function Announcer() {
  const { text, turn } = useStore(spoken);
  return (
    <div aria-live="polite" aria-atomic className="sr-only" data-testid="spoken">
      {text && <p key={turn}>{text}</p>}
    </div>
  );
}
