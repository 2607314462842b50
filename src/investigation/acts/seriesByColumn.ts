import { clearAxesOf } from "../model/axes";
import { inOrder, orderAtEnd } from "../model/order";
import { act } from "./act";
import { takeQuantityAway } from "./removeQuantity";

/** Compares order keys as they stand in the document. */
const byOrder = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);

/**
 * Puts the rows of a table into series by the words of one of its columns: the rows of a word stand together, in the order
 * in which the words first came, those without one behind; the column is taken away, its words are the names.
 */
export const seriesByColumn = act<{
  quantity: string;
  series: readonly { readonly id: string; readonly word: string }[];
}>("series-by-column", (draft, { quantity, series }) => {
  const table = draft.quantities[quantity]?.table;
  if (table === undefined) return;
  const rows = inOrder(draft.rows).filter(([, row]) => row.table === table);
  const places = new Map(series.map(({ word }, place) => [word, place]));
  for (const { id, word } of series) {
    draft.series[id] = { order: orderAtEnd(draft.series), table, name: word };
  }
  const placed = rows.map(([id, row]) => ({
    id,
    place: places.get((row.readings[quantity] ?? "").trim()) ?? series.length,
  }));
  const orders = rows.map(([, row]) => row.order).sort(byOrder);
  [...placed]
    .sort((a, b) => a.place - b.place)
    .forEach(({ id, place }, at) => {
      const row = draft.rows[id];
      const own = series[place]?.id;
      if (!row) return;
      row.order = orders[at] as string;
      if (own !== undefined) row.series = own;
    });
  clearAxesOf(draft, quantity);
  takeQuantityAway(draft, quantity);
});
