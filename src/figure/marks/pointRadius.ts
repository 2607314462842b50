import type { Frame } from "../layout/frame";
import { type FigureSpecification, pointCount, type SeriesSpecification } from "../specification";

const sizes = { small: 0.19, medium: 0.27, large: 0.38 } as const;
const many = 300;

/** Radius of a point's disc in points, of a series with a size of its own or of the figure; many points are drawn finer. */
export function pointRadius(
  figure: FigureSpecification,
  frame: Frame,
  series?: Pick<SeriesSpecification, "own">,
): number {
  const size = sizes[series?.own?.size ?? figure.look.markers];
  return frame.textSize * (pointCount(figure).taking > many ? size * 0.6 : size);
}
