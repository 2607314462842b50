"use client";

import { createContext, useContext, useMemo } from "react";
import { useStore } from "zustand";
import type { Act } from "@/investigation/acts/act";
import { handFirst, holdInHand, shownAfterHand } from "./handFirst";
import type { InvestigationState, InvestigationStore } from "./investigationStore";
import { abandon, doAct } from "./investigationStore";

export const InvestigationContext = createContext<InvestigationStore | undefined>(undefined);

/** The store of the open investigation. */
export function useInvestigationStore(): InvestigationStore {
  const store = useContext(InvestigationContext);
  if (!store) throw new Error("no investigation is open here");
  return store;
}

/** Whether what stands here is under the hand that types or drags. */
export const UnderTheHandContext = createContext(false);

/** One named value of the open investigation; what a hand types or drags is shown under the hand first. */
export function useInvestigation<Value>(select: (state: InvestigationState) => Value): Value {
  const store = useInvestigationStore();
  return useStore(useContext(UnderTheHandContext) ? store : shownAfterHand(store), select);
}

/** A hand that drags: what it does is shown under it first; while it holds something, it is kept a few times a second. */
export function useDraggingHand() {
  const store = useContext(InvestigationContext);
  return useMemo(
    () => ({
      first: (work: () => void) => (store ? handFirst(store, work) : work()),
      hold: (held: boolean) => store && holdInHand(store, held),
    }),
    [store],
  );
}

/** One named value of the open investigation, always as under the hand. */
export function useInvestigationInHand<Value>(select: (state: InvestigationState) => Value): Value {
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
