"use client";

import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { Act } from "@/investigation/acts/act";
import { shownOutsideGrid } from "./gridFirst";
import type { InvestigationState, InvestigationStore } from "./investigationStore";
import { abandon, doAct } from "./investigationStore";

export const InvestigationContext = createContext<InvestigationStore | undefined>(undefined);

/** The store of the open investigation. */
export function useInvestigationStore(): InvestigationStore {
  const store = useContext(InvestigationContext);
  if (!store) throw new Error("no investigation is open here");
  return store;
}

/** One named value of the open investigation; what is typed in the grid is shown there first. */
export function useInvestigation<Value>(select: (state: InvestigationState) => Value): Value {
  return useStore(shownOutsideGrid(useInvestigationStore()), select);
}

/** One named value of the open investigation in the grid itself. */
export function useInvestigationInGrid<Value>(select: (state: InvestigationState) => Value): Value {
  return useStore(useInvestigationStore(), select);
}

/** Performs acts on the open investigation, and gives up what was begun under a key. */
export function useActs() {
  const store = useInvestigationStore();
  return {
    act: <Args>(act: Act<Args>, args: Args, mergeKey?: string) => doAct(store, act, args, mergeKey),
    abandon: (mergeKey: string) => abandon(store, mergeKey),
  };
}
