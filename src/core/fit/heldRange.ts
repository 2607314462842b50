import type { SlopeRange } from "./slopeRange";
import type { ErrorBoxes, RangeLine } from "./linesThroughBoxes";

/** What a line keeps to while it turns or moves. */
export type Hold =
  | { readonly kind: "point"; readonly x: number; readonly y: number }
  | { readonly kind: "slope"; readonly slope: number };

interface Stretch {
  readonly from: number;
  readonly to: number;
}

const everything: Stretch = { from: -Infinity, to: Infinity };

interface Sides {
  readonly left: number;
  readonly right: number;
  readonly foot: number;
  readonly top: number;
}

function sidesOf(boxes: ErrorBoxes, i: number, scale: number, x: number, y: number): Sides {
  const at = (of: ArrayLike<number>) => of[i] as number;
  return {
    left: at(boxes.x) - scale * at(boxes.xDown) - x,
    right: at(boxes.x) + scale * at(boxes.xUp) - x,
    foot: at(boxes.y) - scale * at(boxes.yDown) - y,
    top: at(boxes.y) + scale * at(boxes.yUp) - y,
  };
}

/** Slopes of the lines through the origin that meet a box: one stretch, or two where the box stands over the origin. */
function slopesMeeting({ left, right, foot, top }: Sides): readonly Stretch[] {
  if (left > 0) {
    return [{ from: foot / (foot > 0 ? right : left), to: top / (top > 0 ? left : right) }];
  }
  if (right < 0) {
    return slopesMeeting({ left: -right, right: -left, foot: -top, top: -foot });
  }
  if (foot <= 0 && top >= 0) return [everything];
  const level = foot > 0 ? foot : top;
  const steep = (side: number) => (side === 0 ? Math.sign(level) * Infinity : level / side);
  const [a, b] = [steep(right), left === 0 ? -Math.sign(level) * Infinity : level / left];
  return [
    { from: -Infinity, to: Math.min(a, b) },
    { from: Math.max(a, b), to: Infinity },
  ];
}

function common(a: readonly Stretch[], b: readonly Stretch[]): readonly Stretch[] {
  return a.flatMap((one) =>
    b.flatMap((other): Stretch[] => {
      const both = { from: Math.max(one.from, other.from), to: Math.min(one.to, other.to) };
      return both.from <= both.to ? [both] : [];
    }),
  );
}

/** How far a number lies outside a stretch. */
const distance = ({ from, to }: Stretch, value: number) => Math.max(from - value, value - to, 0);

/** What is free of a held line: its slope about a point, or its intercept. */
function freeStretch(boxes: ErrorBoxes, hold: Hold, best: number, scale: number) {
  let free: readonly Stretch[] = [everything];
  for (let i = 0; i < boxes.x.length && free.length > 0; i++) {
    if (hold.kind === "point") {
      free = common(free, slopesMeeting(sidesOf(boxes, i, scale, hold.x, hold.y)));
      continue;
    }
    const { left, right, foot, top } = sidesOf(boxes, i, scale, 0, 0);
    const [a, b] = [hold.slope * left, hold.slope * right];
    free = common(free, [{ from: foot - Math.max(a, b), to: top - Math.min(a, b) }]);
  }
  return free.reduce<Stretch | undefined>(
    (nearest, one) => (nearest && distance(nearest, best) <= distance(one, best) ? nearest : one),
    undefined,
  );
}

const mostDoublings = 80;
const mostHalvings = 100;
const tight = 1e-6;

/** How much all bars have to grow until a held line meets every box, and the boxes that decide. */
function grown(boxes: ErrorBoxes, hold: Hold, best: number): SlopeRange {
  let high = 1;
  for (let turn = 0; turn < mostDoublings && !freeStretch(boxes, hold, best, high); turn++)
    high *= 2;
  let found = freeStretch(boxes, hold, best, high);
  if (!found) return { kind: "no-range", finding: { name: "bar-of-zero" } };
  let low = high / 2;
  for (let turn = 0; turn < mostHalvings; turn++) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    const there = freeStretch(boxes, hold, best, middle);
    if (there) [high, found] = [middle, there];
    else low = middle;
  }
  const line = lineAt(hold, (found.from + found.to) / 2);
  const alone = (i: number): ErrorBoxes => {
    const one = (of: ArrayLike<number>) => [of[i] as number];
    const { x, y, xDown, xUp, yDown, yUp } = boxes;
    return {
      x: one(x),
      y: one(y),
      xDown: one(xDown),
      xUp: one(xUp),
      yDown: one(yDown),
      yUp: one(yUp),
    };
  };
  const value = hold.kind === "point" ? line.slope : line.intercept;
  const preventing = Array.from({ length: boxes.x.length }, (_, i) => i).filter((i) => {
    const own = freeStretch(alone(i), hold, value, high * (1 - tight));
    return !own || distance(own, value) > 0;
  });
  return { kind: "none", factor: high, line, preventing };
}

function lineAt(hold: Hold, free: number): RangeLine {
  return hold.kind === "point"
    ? { slope: free, intercept: hold.y - free * hold.x }
    : { slope: hold.slope, intercept: free };
}

/**
 * How far a held line can turn about its point, or move along with its slope, and still meet every box, exactly
 * (calculation § 7). With a fixed slope both ends have that slope.
 * @param best the free number of the best line: its slope, or its intercept where the slope is fixed.
 */
export function heldRange(boxes: ErrorBoxes, hold: Hold, best: number): SlopeRange {
  const n = boxes.x.length;
  if (n < 1) return { kind: "no-range", finding: { name: "too-few-points", count: n } };
  const free = freeStretch(boxes, hold, best, 1);
  if (!free) return grown(boxes, hold, best);
  if (!Number.isFinite(free.from) || !Number.isFinite(free.to)) {
    return { kind: "no-range", finding: { name: "range-without-end" } };
  }
  const [least, greatest] = [lineAt(hold, free.from), lineAt(hold, free.to)];
  return { kind: "range", greatest, least, corners: [least, greatest] };
}
