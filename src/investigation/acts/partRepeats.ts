import { inOrder, ordersBefore } from "../model/order";
import { cellKey } from "../model/row";
import { act } from "./act";

/** Makes a column of its own of each repeat of a quantity but the first; ids and symbols are given for those. */
export const partRepeats = act<{
  quantity: string;
  columns: readonly { readonly id: string; readonly symbol: string }[];
}>("part-repeats", (draft, { quantity, columns }) => {
  const whole = draft.quantities[quantity];
  if (!whole) return;
  const entries = inOrder(draft.quantities);
  const next = entries[entries.findIndex(([known]) => known === quantity) + 1]?.[0] ?? null;
  const orders = ordersBefore(draft.quantities, next, columns.length);
  columns.forEach(({ id, symbol }, at) => {
    const name = whole.name === "" ? "" : `${whole.name} ${at + 2}`;
    const order = orders[at] as string;
    draft.quantities[id] = { ...whole, repeats: 1, name, symbol, order };
    const [from, to] = [cellKey(quantity, at + 2), cellKey(id)];
    for (const row of Object.values(draft.rows)) {
      for (const record of [row.readings, row.setAside]) {
        if (record?.[from] === undefined) continue;
        record[to] = record[from] as string;
        delete record[from];
      }
    }
  });
  whole.repeats = Math.max(1, whole.repeats - columns.length);
});
