import type { FigureLook } from "../model/figure";
import { act } from "./act";

/** Changes how a figure is drawn. */
export const setLook = act<{ figure: string; change: Partial<FigureLook> }>(
  "set-look",
  (draft, { figure, change }) => {
    const found = draft.figures[figure];
    if (found) Object.assign(found.look, change);
  },
);
