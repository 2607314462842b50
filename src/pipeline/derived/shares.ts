import { type PropagationRule, sharesOf } from "@/core/uncertainty/propagate";
import type { DerivedCell, DerivedColumn } from "../readings/evaluated";
import { derivedCells, isFinding } from "./derivedCell";
import { readingParts } from "./readingParts";

/** How much of a ± one original input brings. */
export interface Share {
  /** A quantity's or a constant's id. */
  readonly id: string;
  readonly kind: "reading" | "constant";
  /** From 0 to 1. */
  readonly share: number;
}

/**
 * The shares of one row, input by input; readings of other rows, by a neighbour's or a whole-column function, count
 * with those of the row.
 */
export function sharesOfCell(
  rule: PropagationRule,
  cell: DerivedCell,
  column: DerivedColumn,
): readonly Share[] {
  const readings = [...readingParts(rule, cell, column)].map(([id, size]) => ({
    id,
    kind: "reading" as const,
    size,
  }));
  const constants = column.variables.flatMap(({ id, kind }, index) => {
    const size = Math.abs(cell.slopes[index] as number) * (cell.sizes[index] as number);
    return kind === "constant" ? [{ id, kind, size }] : [];
  });
  const parts = [...readings, ...constants];
  const shares = sharesOf(
    rule,
    parts.map(({ size }) => size),
  );
  return parts.map(({ id, kind }, i) => ({ id, kind, share: shares[i] as number }));
}

/** The mean of the shares over all rows that take part. */
export function sharesOverRows(rule: PropagationRule, column: DerivedColumn): readonly Share[] {
  const sums = new Map<string, Share>();
  let count = 0;
  for (const cell of derivedCells(column)) {
    if (isFinding(cell) || cell.aside) continue;
    count += 1;
    for (const share of sharesOfCell(rule, cell, column)) {
      const before = sums.get(share.id)?.share ?? 0;
      sums.set(share.id, { ...share, share: before + share.share });
    }
  }
  return [...sums.values()].map((sum) => ({ ...sum, share: sum.share / count }));
}
