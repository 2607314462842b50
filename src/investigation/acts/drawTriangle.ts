import type { SlopeTriangle } from "../model/figure";
import { act } from "./act";

/** Draws the slope triangle from one x to another, or takes it off (null). */
export const drawTriangle = act<{ figure: string; triangle: SlopeTriangle | null }>(
  "draw-triangle",
  (draft, { figure, triangle }) => {
    const found = draft.figures[figure];
    if (found) found.triangle = triangle;
  },
);
