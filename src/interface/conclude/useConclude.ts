"use client";

import { createContext, useContext } from "react";
import type { EvaluatedResult } from "@/pipeline/results/evaluatedResult";
import { useResults } from "../store/useResults";

/** Which result is looked at. */
export interface ResultInHand {
  readonly id: string | undefined;
  readonly choose: (id: string) => void;
}

export const ResultInHandContext = createContext<ResultInHand>({ id: undefined, choose: () => {} });

/** The result in hand, or the first. */
export function useResultInHand(): EvaluatedResult | undefined {
  const { id } = useContext(ResultInHandContext);
  const all = useResults();
  return all.find((one) => one.id === id) ?? all[0];
}
