import { layoutFigure, layoutWithoutCrowd } from "@/figure/layout/layoutFigure";
import type { Scene } from "@/figure/scene";
import { type FigureSpecification, pointCount } from "@/figure/specification";

/** Beyond so many points they are drawn on a canvas, away from the page. */
const mostAsSvg = 5000;

const scenes = new WeakMap<FigureSpecification, Scene>();

/** Whether a figure has so many points that they are drawn by themselves. */
export function isCrowded(figure: FigureSpecification): boolean {
  const { taking, aside } = pointCount(figure);
  return taking + aside > mostAsSvg;
}

/** What the page draws of a figure, laid out once for all who look at it: all of it, or all but its thousands of points. */
export function sceneOf(figure: FigureSpecification): Scene {
  let scene = scenes.get(figure);
  if (!scene) {
    scene = isCrowded(figure) ? layoutWithoutCrowd(figure) : layoutFigure(figure);
    scenes.set(figure, scene);
  }
  return scene;
}
