"use client";

import { useMemo } from "react";
import { type FigureFit, fitFigure } from "@/pipeline/lines/fit";
import { remembered } from "@/remembered/remembered";
import { useFigure, useHouseRules, useTables } from "./useEvaluated";

const fit = remembered(fitFigure);

/** The points and lines of the figure in hand; undefined while an axis is empty. */
export function useFigureFit(): FigureFit | undefined {
  const tables = useTables();
  const figure = useFigure()?.figure;
  const rules = useHouseRules();
  return useMemo(() => (figure ? fit(tables, figure, rules) : undefined), [tables, figure, rules]);
}

/** The points of any pair of quantities, or undefined while one of them is none. */
export function usePairFit(x: string | null, y: string | null): FigureFit | undefined {
  const tables = useTables();
  const rules = useHouseRules();
  return useMemo(() => fit(tables, { x, y }, rules), [tables, x, y, rules]);
}
