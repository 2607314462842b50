import { remembered } from "@/remembered/remembered";
import { layoutFigure, layoutWithoutCrowd } from "@/figure/layout/layoutFigure";
import type { Scene } from "@/figure/scene";
import { type FigureSpecification, pointCount } from "@/figure/specification";

/** Beyond so many points they are drawn on a canvas, away from the page. */
const mostAsSvg = 5000;

/** Whether a figure has so many points that they are drawn by themselves. */
export function isCrowded(figure: FigureSpecification): boolean {
  const { taking, aside } = pointCount(figure);
  return taking + aside > mostAsSvg;
}

/** What the page draws of a figure, laid out once for all who look at it: all of it, or all but its thousands of points. */
export const sceneOf = remembered((figure: FigureSpecification): Scene =>
  isCrowded(figure) ? layoutWithoutCrowd(figure) : layoutFigure(figure),
);
