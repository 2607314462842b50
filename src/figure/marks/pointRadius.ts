import type { Frame } from "../layout/frame";
import { type FigureSpecification, pointCount } from "../specification";

const sizes = { small: 0.19, medium: 0.27, large: 0.38 } as const;
const many = 300;

/** Radius of a point's disc in points; many points are drawn finer. */
export function pointRadius(figure: FigureSpecification, frame: Frame): number {
  const size = sizes[figure.look.markers];
  return frame.textSize * (pointCount(figure).taking > many ? size * 0.6 : size);
}
