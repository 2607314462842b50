import { ordersBefore } from "../model/order";
import { act } from "./act";

/** Puts empty rows of a table in front of a row, or behind all (null). */
export const insertRows = act<{
  rows: readonly string[];
  before: string | null;
  table: string;
  series?: string;
}>("insert-rows", (draft, { rows, before, table, series }) => {
  const orders = ordersBefore(draft.rows, before, rows.length);
  rows.forEach((row, index) => {
    const order = orders[index] as string;
    draft.rows[row] = { order, table, ...(series && { series }), readings: {} };
  });
});
