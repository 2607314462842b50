import { Latest } from "@/remembered/latest";
import { unitOfText } from "@/core/expression/unitOf";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { readUnit } from "@/core/unit/unitText";
import type { EvaluatedQuantity, EvaluatedRow, Measured } from "../readings/evaluated";
import { measuredColumn } from "../readings/measured";

/** The readings of a quantity as lanes, in SI units; NaN where a row has none. */
export interface ReadingLanes {
  readonly rows: readonly EvaluatedRow[];
  readonly column: readonly (Measured | undefined)[];
  readonly values: Float64Array;
  /** The ±; 0 where a row has no reading. */
  readonly sizes: Float64Array;
  readonly aside: Uint8Array;
  /** 1 where a ± should stand and does not. */
  readonly unstated: Uint8Array;
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
    sameNumbers(before.aside, now.aside) &&
    sameNumbers(before.unstated, now.unstated)
  );
}

const newest = new Latest<EvaluatedQuantity, ReadingLanes>();

/**
 * The readings of a quantity as numbers side by side, made once as long as rows and quantity stay the same; `values`
 * stays the same array as long as no number changes.
 */
export function readingLanes(
  rows: readonly EvaluatedRow[],
  quantity: EvaluatedQuantity,
): ReadingLanes {
  const before = newest.of(quantity);
  if (before?.rows === rows) return before;
  const { unit } = quantity.quantity;
  const { factor = 1, offset = 0 } = unitOfText(unit, readUnit(unit) ?? []) ?? {};
  const column = measuredColumn(rows, quantity);
  const values = new Float64Array(rows.length).fill(NaN);
  const sizes = new Float64Array(rows.length);
  const aside = new Uint8Array(rows.length);
  const unstated = new Uint8Array(rows.length);
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
    if (found.unstated) unstated[row] = 1;
  }
  const made = { rows, column, values, sizes, aside, unstated, missing };
  const lanes = before && saysTheSame(before, made) ? { ...before, rows, column } : made;
  return newest.keep(quantity, lanes);
}
