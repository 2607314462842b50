"use client";

import { useMemo } from "react";
import { useInvestigation } from "./useInvestigation";

/** Every symbol that a quantity or a constant has, but for one thing's own. */
export function useTakenSymbols(except?: string): ReadonlySet<string> {
  const quantities = useInvestigation((state) => state.document.quantities);
  const constants = useInvestigation((state) => state.document.constants);
  return useMemo(() => {
    const all = [...Object.entries(quantities), ...Object.entries(constants)];
    return new Set(all.flatMap(([id, { symbol }]) => (id === except ? [] : [symbol])));
  }, [quantities, constants, except]);
}
