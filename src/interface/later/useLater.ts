"use client";

import { useEffect, useSyncExternalStore } from "react";
import type { Later } from "./Later";

const nowhere = () => undefined;

/** A script that is fetched once something needs it; undefined until it is here. */
export function useLater<Script>(later: Later<Script>, needed = true): Script | undefined {
  const script = useSyncExternalStore(later.subscribe, later.here, nowhere);
  useEffect(() => {
    // Whoever can go on without it is told nothing; it is asked for again when somebody else needs it.
    if (needed && script === undefined) later.fetch().catch(() => {});
  }, [later, needed, script]);
  return script;
}
