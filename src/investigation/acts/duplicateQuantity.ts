import { inOrder, ordersBefore } from "../model/order";
import { cellKey, cellPlace } from "../model/row";
import { act } from "./act";

/** Puts a copy of a quantity, with its readings, beside it under a symbol of its own. */
export const duplicateQuantity = act<{ quantity: string; id: string; symbol: string }>(
  "duplicate-quantity",
  (draft, { quantity, id, symbol }) => {
    const original = draft.quantities[quantity];
    if (!original) return;
    const entries = inOrder(draft.quantities);
    const next = entries[entries.findIndex(([known]) => known === quantity) + 1]?.[0] ?? null;
    const [order] = ordersBefore(draft.quantities, next, 1);
    draft.quantities[id] = { ...original, symbol, order: order as string };
    for (const row of Object.values(draft.rows)) {
      if (row.table !== original.table) continue;
      for (const [cell, text] of Object.entries(row.readings)) {
        const place = cellPlace(cell);
        if (place.quantity === quantity) row.readings[cellKey(id, place.repeat)] = text;
      }
    }
  },
);
