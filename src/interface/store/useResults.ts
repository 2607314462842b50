"use client";

import { remembered } from "@/remembered/remembered";
import { useMemo } from "react";
import type { EvaluatedResult } from "@/pipeline/results/evaluatedResult";
import { evaluateResults } from "@/pipeline/results/results";
import type { FittedCurves, ResultContext } from "@/pipeline/results/source";
import { useAllCurves } from "./CurvesProvider";
import { useHouseRules, useTables } from "./useEvaluated";
import { useInvestigation } from "./useInvestigation";

const fittedOf = remembered(
  (all: ReturnType<typeof useAllCurves>): FittedCurves =>
    new Map(
      [...all].map(([figure, states]) => [figure, states.flatMap((one) => one.fitted ?? [])]),
    ),
);

/** The fitted curves of every figure: one and the same for all who ask, so that what is made from them is made once. */
export function useFittedCurves(): FittedCurves {
  return fittedOf(useAllCurves());
}

/** What results are worked out from. */
export function useResultContext(): ResultContext {
  const tables = useTables();
  const rules = useHouseRules();
  const curves = useFittedCurves();
  const figures = useInvestigation((state) => state.document.figures);
  const constants = useInvestigation((state) => state.document.constants);
  const theory = useInvestigation((state) => state.document.theory);
  const results = useInvestigation((state) => state.document.results);
  return useMemo(
    () => ({ document: { figures, constants, theory, results }, tables, curves, rules }),
    [figures, constants, theory, results, tables, curves, rules],
  );
}

/** Every result in its order, worked out. */
export function useResults(): readonly EvaluatedResult[] {
  return evaluateResults(useResultContext());
}
