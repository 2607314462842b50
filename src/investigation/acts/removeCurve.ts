import { act } from "./act";

/** Takes a curve off a figure; with the last one the best line is drawn again. */
export const removeCurve = act<{ figure: string; curve: string }>(
  "remove-curve",
  (draft, { figure, curve }) => {
    const found = draft.figures[figure];
    if (!found?.curves[curve]) return;
    delete found.curves[curve];
    if (Object.keys(found.curves).length === 0) found.line.best = true;
  },
);
