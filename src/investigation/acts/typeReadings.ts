import { freeze, isDraft, original } from "immer";
import type { Investigation } from "../model/investigation";
import { ordersAtEnd } from "../model/order";
import { cellPlace, type Row } from "../model/row";
import { act } from "./act";

/** The text of one cell, by its row and cell key; an empty text clears it. */
export interface TypedReading {
  readonly row: string;
  readonly cell: string;
  readonly text: string;
}

/** Rows that do not exist yet, behind the others, in the table of the quantity that is typed into. */
function freshRows(
  draft: Investigation,
  readings: readonly TypedReading[],
  series: string | undefined,
): Record<string, Row> {
  const wanted = new Map<string, string>();
  const present = isDraft(draft.rows) ? (original(draft.rows) ?? draft.rows) : draft.rows;
  for (const { row, cell } of readings) {
    if (present[row] || wanted.has(row)) continue;
    const table = draft.quantities[cellPlace(cell).quantity]?.table;
    if (table) wanted.set(row, table);
  }
  const orders = ordersAtEnd(draft.rows, wanted.size);
  return Object.fromEntries(
    [...wanted].map(([id, table], index): [string, Row] => [
      id,
      { order: orders[index] as string, table, ...(series && { series }), readings: {} },
    ]),
  );
}

/** Writes readings into cells; rows that do not exist yet come into being behind the others, in the given order. */
export function writeReadings(
  draft: Investigation,
  readings: readonly TypedReading[],
  series?: string,
): void {
  const fresh = freshRows(draft, readings, series);
  for (const { row, cell, text } of readings) {
    const target = fresh[row] ?? draft.rows[row];
    if (!target) continue;
    if (text === "") delete target.readings[cell];
    else target.readings[cell] = text;
  }
  for (const [id, row] of Object.entries(fresh)) draft.rows[id] = freeze(row, true);
}

/** Types, clears or fills cells; new rows belong to the given series. */
export const typeReadings = act<{ readings: readonly TypedReading[]; series?: string }>(
  "type-readings",
  (draft, { readings, series }) => writeReadings(draft, readings, series),
  ({ readings }) => readings.map(({ row }) => row),
);
