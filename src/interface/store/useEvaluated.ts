"use client";

import { useContext, useMemo } from "react";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Figure } from "@/investigation/model/figure";
import { inOrder } from "@/investigation/model/order";
import { evaluateQuantities } from "@/pipeline/readings/evaluatedQuantity";
import {
  type EvaluatedQuantity,
  type EvaluatedTable,
  evaluateTables,
} from "@/pipeline/table/table";
import { FigureInHandContext } from "./figureInHand";
import { useInvestigation } from "./useInvestigation";

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

export interface NumberedFigure {
  readonly id: string;
  readonly figure: Figure;
  /** Its place among the figures, from 1. */
  readonly number: number;
}

/** All figures in their order. */
export function useFigures(): readonly NumberedFigure[] {
  const figures = useInvestigation((state) => state.document.figures);
  return useMemo(
    () => inOrder(figures).map(([id, figure], index) => ({ id, figure, number: index + 1 })),
    [figures],
  );
}

/** The figure in hand, or the first. */
export function useFigure(): NumberedFigure | undefined {
  const { id } = useContext(FigureInHandContext);
  const figures = useFigures();
  return figures.find((one) => one.id === id) ?? figures[0];
}
