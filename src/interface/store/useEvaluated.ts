"use client";

import { useMemo } from "react";
import type { FigureSpecification } from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Figure } from "@/investigation/model/figure";
import { inOrder } from "@/investigation/model/order";
import { figureSpecification } from "@/pipeline/figure";
import { type FigureFit, fitFigure } from "@/pipeline/fit";
import { memoised } from "@/pipeline/memoised";
import { evaluateQuantities } from "@/pipeline/evaluatedQuantity";
import { type EvaluatedQuantity, type EvaluatedTable, evaluateTables } from "@/pipeline/table";
import { useInvestigation } from "./useInvestigation";

const fit = memoised(fitFigure);

/** The readings as numbers, table by table. */
export function useTables(): readonly EvaluatedTable[] {
  return useInvestigation((state) => evaluateTables(state.document));
}

/** Every quantity of every table. */
export function useQuantities(): readonly EvaluatedQuantity[] {
  return useInvestigation(({ document }) =>
    evaluateQuantities(document.quantities, document.houseRules),
  );
}

/** The conventions that everything shown follows. */
export function useHouseRules(): HouseRules {
  return useInvestigation((state) => state.document.houseRules);
}

/** The first figure with its id. */
export function useFigure(): { id: string; figure: Figure } | undefined {
  const figures = useInvestigation((state) => state.document.figures);
  return useMemo(() => {
    const first = inOrder(figures)[0];
    return first && { id: first[0], figure: first[1] };
  }, [figures]);
}

/** The points and lines of the first figure; undefined while an axis is empty. */
export function useFigureFit(): FigureFit | undefined {
  const tables = useTables();
  const figure = useFigure()?.figure;
  return useMemo(() => (figure ? fit(tables, figure) : undefined), [tables, figure]);
}

/** The first figure at its printed size. */
export function useFigureSpecification(): FigureSpecification | undefined {
  const figure = useFigure()?.figure;
  const found = useFigureFit();
  const rules = useHouseRules();
  return useMemo(
    () => (figure && found ? figureSpecification(figure, 1, found, rules) : undefined),
    [figure, found, rules],
  );
}

/** The points of any pair of quantities, or undefined while one of them is none. */
export function usePairFit(x: string | null, y: string | null): FigureFit | undefined {
  const tables = useTables();
  return useMemo(() => fit(tables, { x, y }), [tables, x, y]);
}
