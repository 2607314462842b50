import type { Investigation } from "../model/investigation";
import { ordersAtEnd } from "../model/order";
import { act } from "./act";

/** The text of one cell; an empty text clears it. */
export interface TypedReading {
  readonly row: string;
  readonly quantity: string;
  readonly text: string;
}

/** Writes readings into cells; rows that do not exist yet come into being behind the others, in the given order. */
export function writeReadings(draft: Investigation, readings: readonly TypedReading[]): void {
  const fresh = [...new Set(readings.map((reading) => reading.row))].filter(
    (row) => !draft.rows[row],
  );
  const orders = ordersAtEnd(draft.rows, fresh.length);
  const rows: Investigation["rows"] = {};
  fresh.forEach((row, index) => {
    rows[row] = { order: orders[index] as string, readings: {} };
  });
  for (const { row, quantity, text } of readings) {
    const target = rows[row] ?? draft.rows[row];
    if (!target) continue;
    if (text === "") delete target.readings[quantity];
    else target.readings[quantity] = text;
  }
  Object.assign(draft.rows, rows);
}

/** Types, clears or fills cells. */
export const typeReadings = act<{ readings: readonly TypedReading[] }>(
  "type-readings",
  (draft, args) => writeReadings(draft, args.readings),
);
