import { ordersBefore } from "../model/order";
import { act } from "./act";

/** Puts empty rows in front of a row, or behind all (null). */
export const insertRows = act<{ rows: readonly string[]; before: string | null }>(
  "insert-rows",
  (draft, { rows, before }) => {
    const orders = ordersBefore(draft.rows, before, rows.length);
    rows.forEach((row, index) => {
      draft.rows[row] = { order: orders[index] as string, readings: {} };
    });
  },
);
