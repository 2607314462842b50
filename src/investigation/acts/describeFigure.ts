import { act } from "./act";

/** Gives a figure words of one's own: a title (an empty one brings back the proposed title), a caption. */
export const describeFigure = act<{ figure: string; title?: string; caption?: string }>(
  "describe-figure",
  (draft, { figure, ...words }) => {
    const found = draft.figures[figure];
    if (found) Object.assign(found, words);
  },
);
