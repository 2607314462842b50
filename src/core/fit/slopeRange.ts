import type { Finding } from "../finding/finding";
import { grownBars } from "./grownBars";
import { centreOf, type ErrorBoxes, type RangeLine, rangeOf } from "./linesThroughBoxes";

export type { ErrorBoxes, RangeLine } from "./linesThroughBoxes";

/** How far a line can turn and still meet every box. */
export type SlopeRange =
  | {
      readonly kind: "range";
      /** Of the greatest slope, counted with its sign. */
      readonly greatest: RangeLine;
      readonly least: RangeLine;
      /** Corners of the polygon of all lines that meet every box: what is read off a line has its extremes there. */
      readonly corners: readonly RangeLine[];
    }
  /** No line meets every box: how many times larger all bars would have to be, the line that then does, and who prevents it. */
  | {
      readonly kind: "none";
      readonly factor: number;
      readonly line: RangeLine;
      readonly preventing: readonly number[];
    }
  | { readonly kind: "no-range"; readonly finding: Finding };

/** Part of the span of the boxes below which two edges stand upon each other. */
const touching = 1e-12;

/** Whether an upright line meets every box, so that nothing bounds the slope. */
function isUpright({ x, xDown, xUp }: ErrorBoxes): boolean {
  let [left, right, low, high] = [-Infinity, Infinity, Infinity, -Infinity];
  for (let i = 0; i < x.length; i++) {
    const [from, to] = [
      (x[i] as number) - (xDown[i] as number),
      (x[i] as number) + (xUp[i] as number),
    ];
    [left, right] = [Math.max(left, from), Math.min(right, to)];
    [low, high] = [Math.min(low, from), Math.max(high, to)];
  }
  return left <= right + touching * Math.max(high - low, Math.abs(low), Math.abs(high));
}

/**
 * The steepest and the shallowest line that meet every error box, exactly: for slopes of one sign the bounds of the
 * intercept are envelopes of straight lines, and the range ends where they cross. O(n log n).
 * Source: calculation § 7; stabbing lines of boxes as a linear programme in slope and intercept.
 */
export function slopeRange(boxes: ErrorBoxes): SlopeRange {
  const n = boxes.x.length;
  if (n < 2) return { kind: "no-range", finding: { name: "too-few-points", count: n } };
  const centre = centreOf(boxes);
  if (!Number.isFinite(centre.x + centre.y)) {
    return { kind: "no-range", finding: { name: "not-finite" } };
  }
  const xs = Array.from(boxes.x);
  if (xs.every((x) => x === xs[0])) {
    return { kind: "no-range", finding: { name: "all-x-equal", x: xs[0] as number } };
  }
  if (isUpright(boxes)) return { kind: "no-range", finding: { name: "range-without-end" } };
  const found = rangeOf(boxes, centre, 1);
  if (found?.endless) return { kind: "no-range", finding: { name: "range-without-end" } };
  if (found) {
    const { greatest, least, corners } = found;
    return { kind: "range", greatest, least, corners };
  }
  const grown = grownBars(boxes, centre);
  if (!grown) return { kind: "no-range", finding: { name: "bar-of-zero" } };
  return { kind: "none", ...grown };
}
