import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Adds an unnamed quantity behind the others. */
export const addQuantity = act<{ id: string; symbol: string }>("add-quantity", (draft, args) => {
  draft.quantities[args.id] = {
    order: orderAtEnd(draft.quantities),
    name: "",
    symbol: args.symbol,
    unit: "",
    uncertainty: { kind: "none" },
  };
});
