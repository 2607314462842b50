import { meanBar } from "@/core/uncertainty/instrumentPart";
import type { EvaluatedQuantity, EvaluatedRow, Measured } from "../evaluated";
import { measuredColumn } from "../measured";

/** The readings of a quantity as lanes, in SI units; NaN where a row has none. */
export interface ReadingLanes {
  readonly rows: readonly EvaluatedRow[];
  readonly factor: number;
  readonly column: readonly (Measured | undefined)[];
  readonly values: Float64Array;
  /** The ±; 0 where a row has no reading. */
  readonly sizes: Float64Array;
  readonly aside: Uint8Array;
  /** Rows without a reading. */
  readonly missing: readonly number[];
}

function sameNumbers(a: ArrayLike<number>, b: ArrayLike<number>): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (!Object.is(a[i], b[i])) return false;
  return true;
}

function saysTheSame(before: ReadingLanes, now: ReadingLanes): boolean {
  return (
    sameNumbers(before.values, now.values) &&
    sameNumbers(before.sizes, now.sizes) &&
    sameNumbers(before.aside, now.aside)
  );
}

const newest = new WeakMap<EvaluatedQuantity, ReadingLanes>();

/**
 * The readings of a quantity as numbers side by side, made once as long as rows and quantity stay the same; `values`
 * stays the same array as long as no number changes.
 */
export function readingLanes(
  rows: readonly EvaluatedRow[],
  quantity: EvaluatedQuantity,
  { factor = 1, offset }: { readonly factor?: number; readonly offset: number },
): ReadingLanes {
  const before = newest.get(quantity);
  if (before?.rows === rows && before.factor === factor) return before;
  const column = measuredColumn(rows, quantity);
  const values = new Float64Array(rows.length).fill(NaN);
  const sizes = new Float64Array(rows.length);
  const aside = new Uint8Array(rows.length);
  const missing: number[] = [];
  for (let row = 0; row < rows.length; row++) {
    const found = column[row];
    if (!found) {
      missing.push(row);
      continue;
    }
    values[row] = found.value * factor + offset;
    sizes[row] = meanBar(found.bars) * factor;
    if (found.aside) aside[row] = 1;
  }
  const made = { rows, factor, column, values, sizes, aside, missing };
  const lanes = before && saysTheSame(before, made) ? { ...before, rows, column } : made;
  newest.set(quantity, lanes);
  return lanes;
}
