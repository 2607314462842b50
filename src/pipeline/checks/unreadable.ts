import { cellPlace } from "@/investigation/model/row";
import { repeatsOf } from "../readings/measured";
import type { EvaluatedQuantity, EvaluatedRow } from "../table/table";
import type { Check, PlacedFinding } from "./check";

const none: readonly PlacedFinding[] = [];

/** Whether a row has one reading of the quantity, and a number. */
function isPlain(row: EvaluatedRow, { id, quantity }: EvaluatedQuantity): boolean {
  const reading = row.readings[id];
  const single = quantity.repeats === 1 && !row.lastRepeat?.[id];
  return single && (reading === undefined || reading.kind === "number");
}

function oddOnes(
  row: EvaluatedRow,
  index: number,
  quantity: EvaluatedQuantity,
): readonly PlacedFinding[] {
  return repeatsOf(row, quantity).flatMap(({ cell, reading }) => {
    const { repeat } = cellPlace(cell);
    return reading.kind === "unreadable"
      ? [{ finding: reading.finding, quantity: quantity.id, row: index, repeat }]
      : [];
  });
}

/** A typed text that is no number, or a ± that can't be used. */
export const unreadable: Check = (quantity, table) => [
  ...(quantity.finding ? [{ finding: quantity.finding, quantity: quantity.id }] : []),
  ...table.rows.flatMap((row, index) =>
    isPlain(row, quantity) ? none : oddOnes(row, index, quantity),
  ),
];
