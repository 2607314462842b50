import { ordersAtEnd } from "../model/order";
import { act } from "./act";

/** Plots a further quantity on the same paper, or takes it off again. */
export const plotAlso = act<{ figure: string; quantity: string; on: boolean }>(
  "plot-also",
  (draft, { figure, quantity, on }) => {
    const also = draft.figures[figure]?.also;
    if (!also) return;
    if (!on) delete also[quantity];
    else {
      const known = Object.fromEntries(Object.entries(also).map(([id, order]) => [id, { order }]));
      also[quantity] ??= ordersAtEnd(known, 1)[0] as string;
    }
  },
);
