import { act } from "./act";

/** Puts a quantity out of the way in the grid, or shows it again. */
export const hideQuantity = act<{ quantity: string; hidden: boolean }>(
  "hide-quantity",
  (draft, { quantity, hidden }) => {
    const target = draft.quantities[quantity];
    if (!target) return;
    if (hidden) target.hidden = true;
    else delete target.hidden;
  },
);
