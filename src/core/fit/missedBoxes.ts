import type { ErrorBoxes, RangeLine } from "./linesThroughBoxes";

/** A line that touches a corner meets it: rounding of the arithmetic is no miss. */
const slack = 1e-9;

/**
 * The boxes that a line passes by, by their places: a line meets box i where it is between foot and top at some x of
 * the box.
 */
export function missedBoxes(boxes: ErrorBoxes, { slope, intercept }: RangeLine): readonly number[] {
  const missed: number[] = [];
  for (let i = 0; i < boxes.x.length; i++) {
    const [x, y] = [boxes.x[i] as number, boxes.y[i] as number];
    const atLeft = slope * (x - (boxes.xDown[i] as number)) + intercept;
    const atRight = slope * (x + (boxes.xUp[i] as number)) + intercept;
    const [low, high] = [Math.min(atLeft, atRight), Math.max(atLeft, atRight)];
    const size = slack * Math.max(Math.abs(y), Math.abs(low), Math.abs(high));
    const top = y + (boxes.yUp[i] as number) + size;
    const foot = y - (boxes.yDown[i] as number) - size;
    if (low > top || high < foot) missed.push(i);
  }
  return missed;
}
