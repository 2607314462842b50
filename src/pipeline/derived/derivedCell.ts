import { laneAt } from "@/core/expression/lane";
import type { Finding } from "@/core/finding/finding";
import type { DerivedCell, DerivedColumn } from "../readings/evaluated";

/** Whether a row has no value, but a reason for it. */
export function isFinding(cell: DerivedCell | Finding): cell is Finding {
  return "name" in cell;
}

/** One row of a derived quantity, or why it has no value; undefined beyond the last row. */
export function derivedCell(column: DerivedColumn, row: number): DerivedCell | Finding | undefined {
  if (row < 0 || row >= column.rows) return undefined;
  const { values, slopes, sizes, aside, reasons } = column;
  return (
    reasons.get(row) ?? {
      row,
      value: laneAt(values, row),
      slopes: sizes.map((_, index) => laneAt(slopes.get(index) ?? 0, row)),
      sizes: sizes.map((size) => laneAt(size, row)),
      aside: aside[row] === 1,
    }
  );
}

/** Every row of a derived quantity. */
export function* derivedCells(column: DerivedColumn): Generator<DerivedCell | Finding> {
  for (let row = 0; row < column.rows; row++)
    yield derivedCell(column, row) as DerivedCell | Finding;
}
