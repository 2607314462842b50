import type { LineChoice } from "../model/figure";
import { act } from "./act";

/** Changes how the best line of a figure is laid, or which lines are drawn. */
export const setLine = act<{ figure: string; change: Partial<LineChoice> }>(
  "set-line",
  (draft, { figure, change }) => {
    const found = draft.figures[figure];
    if (found) Object.assign(found.line, change);
  },
);
