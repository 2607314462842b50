import type { ErrorBoxes, RangeLine } from "./slopeRange";

/** Steepest and shallowest as drawn on paper: through opposite corners of the first and the last box. */
export interface EndBoxLines {
  readonly steepest: RangeLine;
  readonly shallowest: RangeLine;
}

interface Corner {
  readonly x: number;
  readonly y: number;
}

function through(a: Corner, b: Corner): RangeLine {
  const slope = (b.y - a.y) / (b.x - a.x);
  return { slope, intercept: a.y - slope * a.x };
}

/** The places of the first and the last reading along x; undefined where several share one of them. */
export function endPlaces(boxes: ErrorBoxes): readonly [number, number] | undefined {
  const xs = Array.from(boxes.x);
  const [low, high] = [xs.reduce((a, b) => Math.min(a, b)), xs.reduce((a, b) => Math.max(a, b))];
  const [first, last] = [xs.indexOf(low), xs.indexOf(high)];
  const alone = first === xs.lastIndexOf(low) && last === xs.lastIndexOf(high);
  return first !== last && alone ? [first, last] : undefined;
}

/** The first and the last box alone. */
export function endBoxes(boxes: ErrorBoxes): ErrorBoxes | undefined {
  const ends = endPlaces(boxes);
  if (!ends) return undefined;
  const of = (values: ArrayLike<number>) => ends.map((i) => values[i] as number);
  const { x, y, xDown, xUp, yDown, yUp } = boxes;
  return {
    x: of(x),
    y: of(y),
    xDown: of(xDown),
    xUp: of(xUp),
    yDown: of(yDown),
    yUp: of(yUp),
  };
}

/**
 * The two lines through opposite corners of the boxes furthest apart in x, along the one diagonal and along the other, as
 * the two end points rise or fall. Steepest is the one that turns the best line further the way it goes. Source:
 * calculation § 7, rule 2.
 * @returns undefined where several readings share the first or the last x, or the two boxes overlap in x.
 */
export function endBoxLines(all: ErrorBoxes, bestSlope: number): EndBoxLines | undefined {
  const boxes = endBoxes(all);
  if (!boxes) return undefined;
  const at = (of: ArrayLike<number>, index: 0 | 1) => of[index] as number;
  const side = (index: 0 | 1, right: boolean) =>
    right ? at(boxes.x, index) + at(boxes.xUp, index) : at(boxes.x, index) - at(boxes.xDown, index);
  const level = (index: 0 | 1, top: boolean) =>
    top ? at(boxes.y, index) + at(boxes.yUp, index) : at(boxes.y, index) - at(boxes.yDown, index);
  if (side(0, true) >= side(1, false)) return undefined;
  const falls = at(boxes.y, 1) < at(boxes.y, 0);
  const corner = (index: 0 | 1, right: boolean, top: boolean): Corner => ({
    x: side(index, right),
    y: level(index, top),
  });
  const near = through(corner(0, true, falls), corner(1, false, !falls));
  const far = through(corner(0, false, !falls), corner(1, true, falls));
  const against = falls !== bestSlope < 0;
  return against ? { steepest: far, shallowest: near } : { steepest: near, shallowest: far };
}
