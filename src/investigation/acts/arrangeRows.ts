import { ordersAtEnd } from "../model/order";
import { act } from "./act";

/** Puts all rows in the given order, as sorting does; rows that are not named keep their place behind. */
export const arrangeRows = act<{ rows: readonly string[] }>("arrange-rows", (draft, args) => {
  const named = [...new Set(args.rows)].filter((row) => draft.rows[row]);
  const known = new Set(named);
  const rest = Object.keys(draft.rows).filter((row) => !known.has(row));
  const orders = ordersAtEnd({}, named.length + rest.length);
  [...named, ...rest].forEach((row, index) => {
    const target = draft.rows[row];
    if (target && target.order !== orders[index]) target.order = orders[index] as string;
  });
});
