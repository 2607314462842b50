import type { Finding } from "@/core/finding/finding";
import type { NumberReading, ReadNumber } from "@/core/number/readNumber";
import { reasonSetAside } from "@/investigation/model/investigation";
import type { EvaluatedQuantity, EvaluatedTable } from "../table";

/** A finding at its place: on a quantity, or on one reading of it. */
export interface Mark {
  readonly finding: Finding;
  readonly quantity: string;
  /** Index of the row, from 0; absent where the whole quantity is meant. */
  readonly row?: number;
}

/** Looks at one quantity and its readings; every check is a file of its own. */
export type Check = (quantity: EvaluatedQuantity, table: EvaluatedTable) => readonly Mark[];

/** The readings of a quantity that take part: numbers, not set aside, with the index of their row. */
export function readingsOf(
  { id }: EvaluatedQuantity,
  table: EvaluatedTable,
): { number: ReadNumber; row: number }[] {
  const found: { number: ReadNumber; row: number }[] = [];
  table.rows.forEach(({ row, readings }, index) => {
    const reading: NumberReading | undefined = readings[id];
    if (reading?.kind !== "number" || reasonSetAside(row, id) !== undefined) return;
    found.push({ number: reading.number, row: index });
  });
  return found;
}
