import type { PaperPlace } from "../model/figure";
import { act } from "./act";

/** Puts the equation of a line at a place of the drawing area, or lets it find its own (null). */
export const placeEquation = act<{ figure: string; equation: string; place: PaperPlace | null }>(
  "place-equation",
  (draft, { figure, equation, place }) => {
    const found = draft.figures[figure];
    if (!found) return;
    if (place) found.equations[equation] = place;
    else delete found.equations[equation];
  },
);
