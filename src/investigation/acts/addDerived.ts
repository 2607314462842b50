import { orderAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { act } from "./act";

/** Adds a quantity that is worked out by a formula, behind the others of its table. */
export const addDerived = act<{
  id: string;
  table: string;
  name: string;
  symbol: string;
  formula: string;
  unit?: string;
}>("add-derived", (draft, { id, table, name, symbol, formula, unit = "" }) => {
  draft.quantities[id] = {
    ...plainQuantity(orderAtEnd(draft.quantities), table, symbol),
    name,
    formula,
    unit,
  };
});
