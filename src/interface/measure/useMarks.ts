"use client";

import { useMemo } from "react";
import { type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { EvaluatedQuantity, EvaluatedTable } from "@/pipeline/table";
import { checkReadings } from "@/pipeline/checks/checkReadings";
import { findingSentence } from "@/wording/findings";
import { useTable } from "../store/useEvaluated";

/** A pencil mark on the readings, with the place it concerns. */
export interface Mark {
  readonly key: string;
  /** "Row 3, " before the quantity, or nothing. */
  readonly place: string;
  readonly quantity: RunText;
  readonly sentence: string;
  readonly row?: number;
  readonly column: number;
}

function calling({ quantity }: EvaluatedQuantity): RunText {
  const symbol = writeSymbol(quantity.symbol);
  return symbol.length > 0 ? symbol : [{ text: quantity.name || "unnamed" }];
}

function marksOf(table: EvaluatedTable): Mark[] {
  return checkReadings(table).flatMap(({ finding, quantity, row }) => {
    const column = table.quantities.findIndex(({ id }) => id === quantity);
    const evaluated = table.quantities[column];
    if (!evaluated) return [];
    return [
      {
        key: `${finding.name}/${quantity}/${row ?? ""}`,
        place: row === undefined ? "" : `Row ${row + 1}, `,
        quantity: calling(evaluated),
        sentence: findingSentence(finding),
        row,
        column,
      },
    ];
  });
}

/** Every pencil mark on the readings. */
export function useMarks(): readonly Mark[] {
  const table = useTable();
  return useMemo(() => marksOf(table), [table]);
}

/** How many pencil marks wait at Measure. */
export function useMarkCount(): number {
  return useMarks().length;
}
