"use client";

import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { GridController } from "./GridController";
import type { GridState } from "./gridState";

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
