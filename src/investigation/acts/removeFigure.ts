import { act } from "./act";

/** Removes a figure; the last one stays. */
export const removeFigure = act<{ figure: string }>("remove-figure", (draft, { figure }) => {
  if (Object.keys(draft.figures).length > 1) delete draft.figures[figure];
});
