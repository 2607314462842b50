import { plainFigure } from "../model/figure";
import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Adds a figure behind the others, drawn in the look of another one. */
export const addFigure = act<{ id: string; x: string | null; y: string | null; like?: string }>(
  "add-figure",
  (draft, { id, x, y, like }) => {
    const figure = plainFigure(orderAtEnd(draft.figures), x, y);
    const model = like === undefined ? undefined : draft.figures[like];
    draft.figures[id] = model ? { ...figure, look: { ...model.look } } : figure;
  },
);
