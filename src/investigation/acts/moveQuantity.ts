import { ordersBefore } from "../model/order";
import { act } from "./act";

/** Moves a quantity in front of another, or behind all (null). */
export const moveQuantity = act<{ quantity: string; before: string | null }>(
  "move-quantity",
  (draft, { quantity, before }) => {
    const moved = draft.quantities[quantity];
    const [order] = ordersBefore(draft.quantities, before, 1, new Set([quantity]));
    if (moved && order !== undefined) moved.order = order;
  },
);
