import { inOrder, ordersBefore } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { cellKey, cellsOfQuantity } from "../model/row";
import { nameOfUncertainty, symbolOfUncertainty } from "../model/uncertaintyColumns";
import { act } from "./act";

const apart = /^(.*?)\s*(?:±|\+\/?-)\s*([^±]+)$/;

/** Takes the ± behind the readings of a quantity into a column of its own beside it; repeats of a row have to agree on theirs. */
export const unfoldUncertainty = act<{ quantity: string; id: string }>(
  "unfold-uncertainty",
  (draft, { quantity, id }) => {
    const owner = draft.quantities[quantity];
    if (!owner) return;
    const entries = inOrder(draft.quantities);
    const next = entries[entries.findIndex(([known]) => known === quantity) + 1]?.[0] ?? null;
    const [order] = ordersBefore(draft.quantities, next, 1);
    const column = plainQuantity(order as string, owner.table, symbolOfUncertainty(owner.symbol));
    draft.quantities[id] = { ...column, name: nameOfUncertainty(owner), unit: owner.unit };
    for (const row of Object.values(draft.rows)) {
      const parts = cellsOfQuantity(row, quantity).map((cell) => {
        const [, value, size] = apart.exec(row.readings[cell] ?? "") ?? [];
        return { cell, value, size: size?.trim() };
      });
      const sizes = new Set(parts.map(({ size }) => size));
      const [size] = sizes;
      if (sizes.size !== 1 || size === undefined) continue;
      for (const { cell, value = "" } of parts) row.readings[cell] = value;
      row.readings[cellKey(id)] = size;
    }
    owner.uncertainty = { kind: "column", column: id };
  },
);
