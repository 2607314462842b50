import type { Frame } from "../layout/frame";
import type { PointsSpecification } from "../specification";

/** Radius of a point's disc in points; many points are drawn finer. */
export function pointRadius({ x }: PointsSpecification, frame: Frame): number {
  return frame.textSize * (x.length > 300 ? 0.16 : 0.27);
}
