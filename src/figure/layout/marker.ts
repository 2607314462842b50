import { coordinate } from "./pathText";

type Corner = readonly [x: number, y: number];

/** Corners in units of the radius; each shape has about the area of the disc. */
const corners: readonly (readonly Corner[])[] = [
  [
    [0, -1.3],
    [1.2, 0.85],
    [-1.2, 0.85],
  ],
  [
    [-0.92, -0.92],
    [0.92, -0.92],
    [0.92, 0.92],
    [-0.92, 0.92],
  ],
  [
    [0, -1.35],
    [1.2, 0],
    [0, 1.35],
    [-1.2, 0],
  ],
  [
    [0, 1.3],
    [1.2, -0.85],
    [-1.2, -0.85],
  ],
];

function disc(x: number, y: number, radius: number): string {
  const r = coordinate(radius);
  const width = coordinate(2 * radius);
  const turn = `a${r} ${r} 0 1 0 ${width} 0a${r} ${r} 0 1 0 ${coordinate(-2 * radius)} 0Z`;
  return `M${coordinate(x - radius)} ${coordinate(y)}${turn}`;
}

/** The outline of a series' marker about a place on the paper: disc, triangle, square, diamond, turned triangle, and round again. */
export function markerPath(place: number, x: number, y: number, radius: number): string {
  const shape = place % (corners.length + 1);
  if (shape === 0) return disc(x, y, radius);
  const outline = (corners[shape - 1] as readonly Corner[])
    .map(([dx, dy]) => `${coordinate(x + dx * radius)} ${coordinate(y + dy * radius)}`)
    .join("L");
  return `M${outline}Z`;
}
