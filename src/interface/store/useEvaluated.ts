"use client";

import { useMemo } from "react";
import type { FigureSpecification } from "@/figure/specification";
import type { Figure } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { figureSpecification, firstLookSpecification } from "@/pipeline/figure";
import { type FigureFit, fitFigure } from "@/pipeline/fit";
import { type EvaluatedTable, evaluateTable } from "@/pipeline/table";
import { memoised } from "@/pipeline/memoised";
import { useInvestigation } from "./useInvestigation";

const fit = memoised(fitFigure);

/** The readings as numbers. */
export function useTable(): EvaluatedTable {
  return useInvestigation((state) => evaluateTable(state.document));
}

/** The first figure with its id. */
export function useFigure(): { id: string; figure: Figure } | undefined {
  const figures = useInvestigation((state) => state.document.figures);
  return useMemo(() => {
    const first = inOrder(figures)[0];
    return first && { id: first[0], figure: first[1] };
  }, [figures]);
}

/** The points and line of the first figure; undefined while an axis is empty. */
export function useFigureFit(): FigureFit | undefined {
  const table = useTable();
  const figure = useFigure()?.figure;
  return useMemo(() => (figure ? fit(table, figure) : undefined), [table, figure]);
}

/** The first figure at its printed size. */
export function useFigureSpecification(): FigureSpecification | undefined {
  const figure = useFigure()?.figure;
  const found = useFigureFit();
  return useMemo(
    () => (figure && found ? figureSpecification(figure, 1, found) : undefined),
    [figure, found],
  );
}

/** The first look: the same points, small. */
export function useFirstLook(): FigureSpecification | undefined {
  const found = useFigureFit();
  return useMemo(() => (found ? firstLookSpecification(found) : undefined), [found]);
}
