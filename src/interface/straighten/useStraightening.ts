"use client";

import { useMemo } from "react";
import { boarded, straightening, type Straightening } from "@/pipeline/straighten/straightening";
import { useFigure, useHouseRules, useTables } from "../store/useEvaluated";
import { useInvestigation } from "../store/useInvestigation";

/** The board of the chosen quantities, or of those of the figure in hand. */
export function useStraightening(): Straightening | undefined {
  const tables = useTables();
  const figure = useFigure()?.figure;
  const board = useInvestigation((state) => state.document.board);
  const rules = useHouseRules();
  return useMemo(() => {
    const found = boarded(tables, figure, board);
    if (!found) return undefined;
    return straightening(found.table, found.x, found.y, board.ownX, board.ownY, rules);
  }, [tables, figure, board, rules]);
}
