import { ordersAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { cellKey } from "../model/row";
import { act } from "./act";
import { bringTo, type Destination } from "./readOff";

/** A quantity that is made for what is read off. */
export interface QuantityForIt {
  readonly id: string;
  readonly table: string;
  readonly symbol: string;
}

/** Takes what was read off into a cell, of a quantity that may be made for it; one without a unit takes that of what was read off. */
export const bringReadOff = act<{
  id: string;
  to: Destination;
  text: string;
  quantity?: QuantityForIt;
}>("bring-read-off", (draft, { id, to, text, quantity }) => {
  const entry = draft.readOffs[id];
  if (!entry) return;
  if (quantity) {
    const { table, symbol } = quantity;
    const [order] = ordersAtEnd(draft.quantities, 1);
    draft.quantities[quantity.id] = {
      ...plainQuantity(order as string, table, symbol),
      unit: entry.unit,
    };
    bringTo(draft, id, { ...to, cell: cellKey(quantity.id) }, text);
  } else bringTo(draft, id, to, text);
});
