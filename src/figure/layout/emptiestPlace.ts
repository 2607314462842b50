import type { FigureSpecification } from "../specification";
import { type Frame, isInside } from "./frame";
import { visiblePlaces } from "./visiblePlaces";

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Places on the paper that words should not cover. */
export type Obstacles = readonly (readonly [x: number, y: number])[];

const alongLine = 60;
const mostPoints = 2000;

/** Some of the points in sight: of very many, one in so many is looked at. */
function fewPlaces(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  frame: Frame,
  most: number,
): readonly number[] {
  if (x.length > 4 * most) {
    const stride = Math.floor(x.length / most);
    return Array.from({ length: most }, (_, n) => n * stride).filter((i) =>
      isInside(frame, frame.across(x[i] as number), frame.up(y[i] as number)),
    );
  }
  const spots = visiblePlaces(x, y, frame);
  const stride = Math.max(1, Math.floor(spots.length / most));
  return spots.filter((_, n) => n % stride === 0);
}

/** Points, ends of bars and lines, as a cloud of places. */
export function obstaclesOf(figure: FigureSpecification, frame: Frame): Obstacles {
  const places: [number, number][] = [];
  const most = Math.ceil(mostPoints / figure.series.length);
  for (const { points, lines } of figure.series) {
    const { x, y, yBars, aside } = points;
    const at = (i: number) =>
      [frame.across(x[i] as number), frame.up(y[i] as number)] as [number, number];
    const spots = fewPlaces(x, y, frame, most);
    for (const i of spots) {
      const [across, up] = at(i);
      places.push([across, up]);
      places.push([across, frame.up((y[i] as number) + (yBars.up[i] as number))]);
      places.push([across, frame.up((y[i] as number) - (yBars.down[i] as number))]);
    }
    aside.x.forEach((value, i) =>
      places.push([frame.across(value), frame.up(aside.y[i] as number)]),
    );
    for (const { slope, intercept } of lines) {
      for (let part = 0; part <= alongLine; part++) {
        const across = frame.left + ((frame.right - frame.left) * part) / alongLine;
        places.push([across, frame.up(slope * frame.xAt(across) + intercept)]);
      }
    }
  }
  return places;
}

const steps = 14;
const wide = steps + 1;

/** Which of the boxes that begin at rising places, all of one length, hold a place: from one to before another. */
function boxesOver(
  at: number,
  begins: Float64Array,
  length: number,
  margin: number,
): readonly [from: number, to: number] {
  let [from, to] = [0, begins.length];
  while (from < to && (begins[from] as number) <= at - length - margin) from += 1;
  while (to > from && (begins[to - 1] as number) >= at + margin) to -= 1;
  return [from, to];
}

/**
 * How many obstacles each box of a lattice holds, row by row: every obstacle adds one to a rectangle of boxes, and the
 * sums over the corners of those rectangles are the counts.
 */
function hitsOf(
  begins: { readonly across: Float64Array; readonly down: Float64Array },
  { width, height }: Pick<Box, "width" | "height">,
  margin: number,
  obstacles: Obstacles,
): Int32Array {
  const counts = new Int32Array((wide + 1) * (wide + 1));
  const add = (i: number, j: number, amount: number) => {
    counts[i * (wide + 1) + j] = (counts[i * (wide + 1) + j] as number) + amount;
  };
  for (const [x, y] of obstacles) {
    if (Number.isNaN(x + y)) continue;
    const [left, right] = boxesOver(x, begins.across, width, margin);
    if (left === right) continue;
    const [top, foot] = boxesOver(y, begins.down, height, margin);
    if (top === foot) continue;
    add(left, top, 1);
    add(right, top, -1);
    add(left, foot, -1);
    add(right, foot, 1);
  }
  for (let i = 0; i <= wide; i++) {
    for (let j = 1; j <= wide; j++) add(i, j, counts[i * (wide + 1) + j - 1] as number);
  }
  for (let i = 1; i <= wide; i++) {
    for (let j = 0; j <= wide; j++) add(i, j, counts[(i - 1) * (wide + 1) + j] as number);
  }
  return counts;
}

function overlap(a: Box, b: Box): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

/**
 * Where words of a size cover least: corners are taken before edges, edges before the middle.
 * @param taken boxes that hold words already.
 */
export function emptiestPlace(
  size: Pick<Box, "width" | "height">,
  frame: Frame,
  obstacles: Obstacles,
  taken: readonly Box[],
): Box {
  const margin = frame.textSize * 0.6;
  const { width, height } = size;
  const room = {
    across: Math.max(0, frame.right - frame.left - width - 2 * margin),
    down: Math.max(0, frame.bottom - frame.top - height - 2 * margin),
  };
  const begins = {
    across: Float64Array.from(
      { length: wide },
      (_, i) => frame.left + margin + (i / steps) * room.across,
    ),
    down: Float64Array.from(
      { length: wide },
      (_, j) => frame.top + margin + (j / steps) * room.down,
    ),
  };
  const hits = hitsOf(begins, size, margin, obstacles);
  let best: { box: Box; score: number } | undefined;
  for (let i = 0; i <= steps; i++) {
    for (let j = 0; j <= steps; j++) {
      const [a, d] = [i / steps, j / steps];
      const [x, y] = [begins.across[i] as number, begins.down[j] as number];
      const box = { x, y, width, height };
      const fromCorner = Math.min(a, 1 - a) + Math.min(d, 1 - d);
      const crossed = taken.filter((other) => overlap(box, other)).length;
      const score = (hits[i * (wide + 1) + j] as number) + 1000 * crossed + 0.4 * fromCorner;
      if (!best || score < best.score - 1e-9) best = { box, score };
    }
  }
  return (best as { box: Box }).box;
}
