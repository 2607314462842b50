import { plainFigure } from "../model/figure";
import { orderAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import { act } from "./act";

/** A quantity that there is, or one that is worked out from now on. */
export type PairSide =
  | { readonly quantity: string }
  | {
      readonly id: string;
      readonly name: string;
      readonly symbol: string;
      readonly formula: string;
    };

/**
 * Puts a pair of quantities on the axes of a figure, with those that have to be worked out first; what was laid by hand on
 * the axes before is taken off.
 */
export const plotPair = act<{ figure: string; table: string; x: PairSide; y: PairSide }>(
  "plot-pair",
  (draft, { figure: id, table, x, y }) => {
    const placed = (side: PairSide) => {
      if ("quantity" in side) return side.quantity;
      draft.quantities[side.id] = {
        ...plainQuantity(orderAtEnd(draft.quantities), table, side.symbol),
        name: side.name,
        formula: side.formula,
      };
      return side.id;
    };
    const figure = (draft.figures[id] ??= plainFigure(orderAtEnd(draft.figures), null, null));
    figure.x = placed(x);
    figure.y = placed(y);
    Object.assign(figure, { also: {}, straightedges: {}, triangle: null, curves: {} });
    for (const axis of [figure.axes.x, figure.axes.y]) {
      Object.assign(axis, { range: "fill", scale: "linear", reversed: false, label: "" });
    }
  },
);
