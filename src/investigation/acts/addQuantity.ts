import { orderAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { act } from "./act";

/** Adds an unnamed quantity to a table, behind the others. */
export const addQuantity = act<{ id: string; symbol: string; table: string }>(
  "add-quantity",
  (draft, { id, symbol, table }) => {
    draft.quantities[id] = plainQuantity(orderAtEnd(draft.quantities), table, symbol);
  },
);
