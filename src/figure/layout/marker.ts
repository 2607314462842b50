import { circle, polygon } from "../path/outlines";
import { type Path, type Place, placed } from "../path/path";
import type { MarkerShape, SeriesSpecification } from "../specification";

/** Half the width of an arm of a cross beside the radius. */
const arm = 0.22;
const reach = 1.25;

const plus: readonly Place[] = [
  ...([[-arm, -reach], [arm, -reach], [arm, -arm], [reach, -arm]] as const),
  ...([[reach, arm], [arm, arm], [arm, reach], [-arm, reach]] as const),
  ...([[-arm, arm], [-reach, arm], [-reach, -arm], [-arm, -arm]] as const),
]; // prettier-ignore

const turnedBy45 = ([x, y]: Place): Place => [(x - y) * Math.SQRT1_2, (x + y) * Math.SQRT1_2];

/** Outlines about (0, 0) in units of the radius; each has about the area of the disc. */
const outlines: Readonly<Record<MarkerShape, Path>> = {
  disc: circle(0, 0, 1),
  triangle: polygon([
    [0, -1.3],
    [1.2, 0.85],
    [-1.2, 0.85],
  ]),
  square: polygon([
    [-0.92, -0.92],
    [0.92, -0.92],
    [0.92, 0.92],
    [-0.92, 0.92],
  ]),
  diamond: polygon([
    [0, -1.35],
    [1.2, 0],
    [0, 1.35],
    [-1.2, 0],
  ]),
  turned: polygon([
    [0, 1.3],
    [1.2, -0.85],
    [-1.2, -0.85],
  ]),
  plus: polygon(plus),
  cross: polygon(plus.map(turnedBy45)),
};

/** The shapes of series in their order. */
const byPlace: readonly MarkerShape[] = ["disc", "triangle", "square", "diamond", "turned"];

/** The shape of a series by its number, from 0: disc, triangle, square, diamond, turned triangle, and round again. */
export function markerAt(seriesNumber: number): MarkerShape {
  return byPlace[seriesNumber % byPlace.length] as MarkerShape;
}

/** The shape that a series has: one chosen for it, or that of its number. */
export function markerOf({
  seriesNumber,
  own,
}: Pick<SeriesSpecification, "seriesNumber" | "own">): MarkerShape {
  return own?.marker ?? markerAt(seriesNumber);
}

/** The outline of a marker about a place on the paper. */
export function markerPath(shape: MarkerShape, x: number, y: number, radius: number): Path {
  return placed(outlines[shape], x, y, radius);
}
