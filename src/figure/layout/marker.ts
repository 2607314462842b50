import type { MarkerShape, SeriesSpecification } from "../specification";
import { coordinate } from "./pathText";

type Corner = readonly [x: number, y: number];

/** Half the width of an arm of a cross beside the radius. */
const arm = 0.22;
const reach = 1.25;

const plus: readonly Corner[] = [
  ...([[-arm, -reach], [arm, -reach], [arm, -arm], [reach, -arm]] as const),
  ...([[reach, arm], [arm, arm], [arm, reach], [-arm, reach]] as const),
  ...([[-arm, arm], [-reach, arm], [-reach, -arm], [-arm, -arm]] as const),
]; // prettier-ignore

const turnedBy45 = ([x, y]: Corner): Corner => [(x - y) * Math.SQRT1_2, (x + y) * Math.SQRT1_2];

/** Corners in units of the radius; each closed shape has about the area of the disc. */
const corners: Readonly<Record<Exclude<MarkerShape, "disc">, readonly Corner[]>> = {
  triangle: [
    [0, -1.3],
    [1.2, 0.85],
    [-1.2, 0.85],
  ],
  square: [
    [-0.92, -0.92],
    [0.92, -0.92],
    [0.92, 0.92],
    [-0.92, 0.92],
  ],
  diamond: [
    [0, -1.35],
    [1.2, 0],
    [0, 1.35],
    [-1.2, 0],
  ],
  turned: [
    [0, 1.3],
    [1.2, -0.85],
    [-1.2, -0.85],
  ],
  plus,
  cross: plus.map(turnedBy45),
};

/** The shapes of series in their order. */
const byPlace: readonly MarkerShape[] = ["disc", "triangle", "square", "diamond", "turned"];

function disc(x: number, y: number, radius: number): string {
  const r = coordinate(radius);
  const width = coordinate(2 * radius);
  const turn = `a${r} ${r} 0 1 0 ${width} 0a${r} ${r} 0 1 0 ${coordinate(-2 * radius)} 0Z`;
  return `M${coordinate(x - radius)} ${coordinate(y)}${turn}`;
}

/** The shape of the series at a place: disc, triangle, square, diamond, turned triangle, and round again. */
export function markerAt(seriesNumber: number): MarkerShape {
  return byPlace[seriesNumber % byPlace.length] as MarkerShape;
}

/** The shape that a series has: one chosen for it, or that of its place. */
export function markerOf({
  seriesNumber,
  own,
}: Pick<SeriesSpecification, "seriesNumber" | "own">): MarkerShape {
  return own?.marker ?? markerAt(seriesNumber);
}

/** The outline of a marker about a place on the paper. */
export function markerPath(shape: MarkerShape, x: number, y: number, radius: number): string {
  if (shape === "disc") return disc(x, y, radius);
  const outline = corners[shape]
    .map(([dx, dy]) => `${coordinate(x + dx * radius)} ${coordinate(y + dy * radius)}`)
    .join("L");
  return `M${outline}Z`;
}
