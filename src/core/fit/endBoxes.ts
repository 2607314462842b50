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

/**
 * The two lines through opposite corners of the boxes furthest apart in x. Steepest is the one of greater size, with
 * the sign of the best slope. Source: calculation § 7, rule 2.
 * @returns undefined where several readings share the first or the last x, or the two boxes overlap in x.
 */
export function endBoxLines(boxes: ErrorBoxes, bestSlope: number): EndBoxLines | undefined {
  const xs = Array.from(boxes.x);
  const [low, high] = [xs.reduce((a, b) => Math.min(a, b)), xs.reduce((a, b) => Math.max(a, b))];
  const [first, last] = [xs.indexOf(low), xs.indexOf(high)];
  if (first === last || first !== xs.lastIndexOf(low) || last !== xs.lastIndexOf(high)) {
    return undefined;
  }
  const at = (of: ArrayLike<number>, index: number) => of[index] as number;
  const side = (index: number, right: boolean) =>
    right ? at(boxes.x, index) + at(boxes.xUp, index) : at(boxes.x, index) - at(boxes.xDown, index);
  const level = (index: number, top: boolean) =>
    top ? at(boxes.y, index) + at(boxes.yUp, index) : at(boxes.y, index) - at(boxes.yDown, index);
  if (side(first, true) >= side(last, false)) return undefined;
  const falls = bestSlope < 0;
  const corner = (index: number, right: boolean, top: boolean): Corner => ({
    x: side(index, right),
    y: level(index, top),
  });
  return {
    steepest: through(corner(first, true, falls), corner(last, false, !falls)),
    shallowest: through(corner(first, false, !falls), corner(last, true, falls)),
  };
}
