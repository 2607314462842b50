import type { PaperPlace } from "../model/figure";
import { act } from "./act";

/** Puts the legend at a place of the drawing area, or lets it find its own (null). */
export const placeLegend = act<{ figure: string; place: PaperPlace | null }>(
  "place-legend",
  (draft, { figure, place }) => {
    const found = draft.figures[figure];
    if (found) found.legend = place;
  },
);
