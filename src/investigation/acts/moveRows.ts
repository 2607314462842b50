import { ordersBefore } from "../model/order";
import { act } from "./act";

/** Moves rows, in the given order, in front of another row, or behind all (null). */
export const moveRows = act<{ rows: readonly string[]; before: string | null }>(
  "move-rows",
  (draft, { rows, before }) => {
    const moved = rows.filter((row) => draft.rows[row]);
    const orders = ordersBefore(draft.rows, before, moved.length, new Set(moved));
    moved.forEach((row, index) => {
      const target = draft.rows[row];
      if (target) target.order = orders[index] as string;
    });
  },
);
