"use client";

import { useEffect } from "react";
import type { InvestigationStore } from "../store/investigationStore";
import { commands } from "./commands";

/** Runs a command when its key is pressed anywhere on the page. */
export function useCommandKeys(store: InvestigationStore | undefined): void {
  useEffect(() => {
    if (!store) return;
    const onKey = (event: KeyboardEvent) => {
      const command = Object.values(commands).find((candidate) => candidate.matches(event));
      if (!command) return;
      event.preventDefault();
      if (command.enabled(store.getState())) command.run(store);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [store]);
}
