import { act } from "./act";
import { withoutBlocksOf } from "./removeBlock";

/** Removes a figure, and what the write-up shows of it; the last one stays. */
export const removeFigure = act<{ figure: string }>("remove-figure", (draft, { figure }) => {
  if (Object.keys(draft.figures).length < 2) return;
  delete draft.figures[figure];
  withoutBlocksOf(draft, figure);
});
