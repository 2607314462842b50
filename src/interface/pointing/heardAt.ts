import type { Frame } from "@/figure/layout/frame";
import type { Heard } from "../parts/tones";
import type { PlacedPoint } from "./figurePoints";

/** A reading as it is heard: how high it stands on the paper, and how high the line there. */
export function heardAt(
  { top, bottom, up }: Frame,
  point: PlacedPoint,
  line: number | undefined,
): Heard {
  const height = (at: number) => (bottom - at) / (bottom - top);
  return { point: height(point.up), line: line === undefined ? undefined : height(up(line)) };
}
