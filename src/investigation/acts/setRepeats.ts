import { act } from "./act";

/** Says how often each row of a quantity is read. Readings beyond that number stay as further repeats of their row. */
export const setRepeats = act<{ quantity: string; repeats: number }>(
  "set-repeats",
  (draft, { quantity, repeats }) => {
    const target = draft.quantities[quantity];
    if (target) target.repeats = repeats;
  },
);
