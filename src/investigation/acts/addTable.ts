import { orderAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { act } from "./act";

/** Adds a table behind the others, with its first quantity. */
export const addTable = act<{ id: string; name: string; quantity: string; symbol: string }>(
  "add-table",
  (draft, { id, name, quantity, symbol }) => {
    draft.tables[id] = { order: orderAtEnd(draft.tables), name };
    draft.quantities[quantity] = plainQuantity(orderAtEnd(draft.quantities), id, symbol);
  },
);
