"use client";

import { createContext, useContext, useMemo, useState } from "react";
import type { EvaluatedQuantity } from "@/pipeline/readings/evaluated";
import type { EvaluatedTable } from "@/pipeline/table/table";
import { useTables } from "../store/useEvaluated";

/** Which derived quantity is looked at, and in which row. */
export interface InHand {
  readonly id: string | undefined;
  readonly row: number;
  /** The quantity whose formula is to take the keyboard as soon as it is there. */
  readonly typing: string | undefined;
  readonly choose: (part: { id?: string; row?: number; typing?: string | undefined }) => void;
}

export const InHandContext = createContext<InHand>({
  id: undefined,
  row: 0,
  typing: undefined,
  choose: () => {},
});

export function useInHandState(): InHand {
  const [state, setState] = useState<{ id?: string; row: number; typing?: string | undefined }>({
    row: 0,
  });
  return useMemo(
    () => ({
      id: state.id,
      row: state.row,
      typing: state.typing,
      choose: (part) => setState((before) => ({ ...before, ...part })),
    }),
    [state],
  );
}

export interface Derived {
  readonly evaluated: EvaluatedQuantity;
  readonly table: EvaluatedTable;
}

/** Every derived quantity with its table. */
export function useDerivedQuantities(): readonly Derived[] {
  const tables = useTables();
  return useMemo(
    () =>
      tables.flatMap((table) =>
        table.quantities
          .filter(({ quantity }) => quantity.formula !== undefined)
          .map((evaluated) => ({ evaluated, table })),
      ),
    [tables],
  );
}

/** The derived quantity in hand, or the first. */
export function useDerivedInHand(): Derived | undefined {
  const { id } = useContext(InHandContext);
  const all = useDerivedQuantities();
  return all.find(({ evaluated }) => evaluated.id === id) ?? all[0];
}

/** The row in hand, kept inside the table. */
export function useRowInHand(): number {
  const { row } = useContext(InHandContext);
  const rows = useDerivedInHand()?.table.rows.length ?? 0;
  return Math.max(0, Math.min(row, rows - 1));
}
