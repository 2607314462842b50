"use client";

import { createContext, useContext } from "react";
import { useStore } from "zustand";
import { useInvestigation, useInvestigationInHand } from "../store/useInvestigation";
import type { GridController } from "./GridController";
import type { GridState } from "./gridState";
import { type GridView, gridView } from "./gridView";

export const MeasureContext = createContext<GridController | undefined>(undefined);

export function useGridController(): GridController {
  const controller = useContext(MeasureContext);
  if (!controller) throw new Error("there is no readings grid here");
  return controller;
}

/** One value of where the hands are in the grid. */
export function useGrid<Value>(select: (state: GridState) => Value): Value {
  return useStore(useGridController().grid, select);
}

/** The table, rows and columns that the grid shows. */
export function useGridView(): GridView {
  const table = useGrid((state) => state.table);
  const series = useGrid((state) => state.series);
  return useInvestigationInHand((state) => gridView(state.document, { table, series }));
}

/** One value of what the grid shows; nothing is drawn anew as long as that value stays the same. */
export function useGridPart<Value>(select: (view: GridView) => Value): Value {
  const table = useGrid((state) => state.table);
  const series = useGrid((state) => state.series);
  return useInvestigation((state) => select(gridView(state.document, { table, series })));
}

/** The quantity in hand with its place, or undefined in a table without any. */
export function useQuantityInHand() {
  const column = useGrid((state) => state.active.column);
  return useGridPart(({ columns }) => columns[Math.min(column, columns.length - 1)]);
}
