import { type PropagationRule, sharesOf } from "@/core/uncertainty/propagate";
import type { DerivedCell, DerivedColumn } from "../evaluated";
import { derivedCells, isFinding } from "./derivedCell";

/** How much of a ± one original input brings. */
export interface Share {
  /** A quantity's or a constant's id, or the name of a whole-column function. */
  readonly id: string;
  readonly kind: "reading" | "constant" | "column";
  /** From 0 to 1. */
  readonly share: number;
}

function partsByInput(cell: DerivedCell, { variables }: DerivedColumn) {
  const parts = new Map<string, { kind: Share["kind"]; sizes: number[] }>();
  variables.forEach(({ id, kind }, index) => {
    const size = Math.abs(cell.slopes[index] as number) * (cell.sizes[index] as number);
    const known = parts.get(id);
    if (known) known.sizes.push(size);
    else parts.set(id, { kind, sizes: [size] });
  });
  return parts;
}

/** The shares of one row, input by input; readings of neighbouring rows count together. */
export function sharesOfCell(
  rule: PropagationRule,
  cell: DerivedCell,
  column: DerivedColumn,
): readonly Share[] {
  const parts = [...partsByInput(cell, column)];
  const all = parts.flatMap(([, { sizes }]) => sizes);
  const shares = sharesOf(rule, all);
  let at = 0;
  return parts.map(([id, { kind, sizes }]) => {
    const share = sizes.reduce((sum) => sum + (shares[at++] as number), 0);
    return { id, kind, share };
  });
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
