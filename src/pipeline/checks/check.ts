import { remembered } from "@/remembered/remembered";
import type { Finding } from "@/core/finding/finding";
import type { ReadNumber } from "@/core/number/readNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import { cellPlace, reasonSetAside } from "@/investigation/model/row";
import { repeatsOf } from "../readings/measured";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";

/** A finding at its place: on a quantity, on one row of it, or on one repeat. */
export interface PlacedFinding {
  readonly finding: Finding;
  readonly quantity: string;
  /** Index of the row, from 0; absent where the whole quantity is meant. */
  readonly row?: number;
  /** Which repeat, from 1; absent where the row is meant. */
  readonly repeat?: number;
}

/** Looks at one quantity and its readings; every check is a file of its own. */
export type Check = (
  quantity: EvaluatedQuantity,
  table: EvaluatedTable,
  rules: HouseRules,
) => readonly PlacedFinding[];

/** A reading that takes part, with its place. */
export interface PlacedReading {
  readonly number: ReadNumber;
  readonly row: number;
  readonly repeat: number;
}

function gathered(quantity: EvaluatedQuantity, table: EvaluatedTable): readonly PlacedReading[] {
  const { id } = quantity;
  const once = quantity.quantity.repeats === 1;
  const found: PlacedReading[] = [];
  table.rows.forEach((row, index) => {
    if (once && !row.lastRepeat?.[id]) {
      const reading = row.readings[id];
      if (reading?.kind !== "number" || reasonSetAside(row.row, id) !== undefined) return;
      found.push({ number: reading.number, row: index, repeat: 1 });
      return;
    }
    for (const { cell, reading, aside } of repeatsOf(row, quantity)) {
      if (reading.kind !== "number" || aside) continue;
      found.push({ number: reading.number, row: index, repeat: cellPlace(cell).repeat });
    }
  });
  return found;
}

/** The readings of a quantity that take part: numbers, not set aside, row by row and repeat by repeat. */
export const readingsOf = remembered(gathered);

/** How many rows have a reading that takes part. */
export function rowCount(readings: readonly PlacedReading[]): number {
  let count = 0;
  let last = -1;
  for (const { row } of readings) {
    if (row !== last) count += 1;
    last = row;
  }
  return count;
}

/** The name under which a mark is answered: the finding and the ids of what it concerns. */
export function markKeyOf(
  { finding, quantity, row, repeat }: PlacedFinding,
  table: EvaluatedTable,
): string {
  const at = row === undefined ? undefined : table.rows[row]?.id;
  return [finding.name, quantity, at, repeat].filter((part) => part !== undefined).join("_");
}
