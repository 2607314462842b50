import { act } from "./act";

/** Gives one row alone so many repeats of a quantity. */
export const addFurtherRepeat = act<{ row: string; quantity: string; repeats: number }>(
  "add-further-repeat",
  (draft, { row, quantity, repeats }) => {
    const target = draft.rows[row];
    if (target) target.further = { ...target.further, [quantity]: repeats };
  },
);
