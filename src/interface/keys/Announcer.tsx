"use client";

import { useSyncExternalStore } from "react";
import { spoken } from "./announcer";

/** Where what happened is said to those who hear the page; a sheet that lies over it says it itself, as nothing behind it is heard. */
export function Announcer({ inSheet = false }: { inSheet?: boolean }) {
  const { text, turn } = useSyncExternalStore(
    spoken.subscribe,
    spoken.getState,
    spoken.getInitialState,
  );
  return (
    <div
      aria-live="polite"
      aria-atomic
      className="sr-only"
      data-testid={inSheet ? "spoken-in-sheet" : "spoken"}
    >
      {text && <p key={turn}>{text}</p>}
    </div>
  );
}
