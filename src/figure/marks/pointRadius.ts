import type { Frame } from "../layout/frame";
import { type FigureSpecification, pointCount } from "../specification";

/** Radius of a point's disc in points; many points are drawn finer. */
export function pointRadius(figure: FigureSpecification, frame: Frame): number {
  return frame.textSize * (pointCount(figure).taking > 300 ? 0.16 : 0.27);
}
