import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Adds a series to a table; the given rows belong to it from now on. */
export const addSeries = act<{ id: string; table: string; name: string; rows: readonly string[] }>(
  "add-series",
  (draft, { id, table, name, rows }) => {
    draft.series[id] = { order: orderAtEnd(draft.series), table, name };
    for (const row of rows) {
      const target = draft.rows[row];
      if (target) target.series = id;
    }
  },
);
