import { act } from "./act";

/** Removes a quantity with its readings; axes that showed it become empty. */
export const removeQuantity = act<{ quantity: string }>(
  "remove-quantity",
  (draft, { quantity }) => {
    delete draft.quantities[quantity];
    for (const row of Object.values(draft.rows)) {
      if (quantity in row.readings) delete row.readings[quantity];
    }
    for (const figure of Object.values(draft.figures)) {
      if (figure.x === quantity) figure.x = null;
      if (figure.y === quantity) figure.y = null;
    }
  },
);
