import { type Centre, type ErrorBoxes, type RangeLine, rangeOf } from "./linesThroughBoxes";

const mostHalvings = 200;
const mostRounds = 200;
const tight = 1e-6;

/** All bars so many times as long, and the line that then meets every box. */
interface Grown {
  readonly factor: number;
  readonly line: RangeLine;
}

/** The smallest factor of a few boxes by halving; and the line that then meets them. */
function smallestFactorOf(boxes: ErrorBoxes, centre: Centre): Grown | undefined {
  let [low, high] = [0, 1];
  let found = rangeOf(boxes, centre, high);
  for (let turn = 0; !found && turn < 80; turn++) {
    [low, high] = [high, high * 2];
    found = rangeOf(boxes, centre, high);
  }
  if (!found) return undefined;
  for (let turn = 0; turn < mostHalvings; turn++) {
    const middle = (low + high) / 2;
    if (middle <= low || middle >= high) break;
    const there = rangeOf(boxes, centre, middle);
    if (there) [high, found] = [middle, there];
    else low = middle;
  }
  const { greatest, least } = found;
  const slope = (greatest.slope + least.slope) / 2;
  return {
    factor: high,
    line: { slope, intercept: (greatest.intercept + least.intercept) / 2 },
  };
}

/** How many times larger the bars of a reading have to be for its box to meet a line, and on which side it lies. */
function factorNeeded(boxes: ErrorBoxes, i: number, line: RangeLine) {
  const at = (of: ArrayLike<number>) => of[i] as number;
  const off = at(boxes.y) - line.slope * at(boxes.x) - line.intercept;
  const above = off > 0;
  const across = at(above === line.slope > 0 ? boxes.xUp : boxes.xDown);
  const reach = at(above ? boxes.yDown : boxes.yUp) + Math.abs(line.slope) * across;
  return { side: above ? 1 : 0, factor: off === 0 ? 0 : Math.abs(off) / reach } as const;
}

function picked(boxes: ErrorBoxes, indexes: readonly number[]): ErrorBoxes {
  const part = (of: ArrayLike<number>) => indexes.map((i) => of[i] as number);
  const { x, y, xDown, xUp, yDown, yUp } = boxes;
  const [left, right, foot, top] = [xDown, xUp, yDown, yUp].map(part) as [
    ...[number[], number[], number[], number[]],
  ];
  return { x: part(x), y: part(y), xDown: left, xUp: right, yDown: foot, yUp: top };
}

/** The readings that lie furthest off a line on either side, beyond what a factor allows. */
function furthestOff(boxes: ErrorBoxes, { factor: allowedFactor, line }: Grown): readonly number[] {
  const worst = [-1, -1];
  const size = [allowedFactor, allowedFactor];
  for (let i = 0; i < boxes.x.length; i++) {
    const { side, factor } = factorNeeded(boxes, i, line);
    if (factor > (size[side] as number) * (1 + 1e-12)) [size[side], worst[side]] = [factor, i];
  }
  return worst.filter((i) => i >= 0);
}

/**
 * The smallest factor for all bars at which a line exists, and that line: three boxes or so decide, so a few are
 * solved, and those that lie furthest off on either side join them until none is off.
 */
function smallestFactor(boxes: ErrorBoxes, centre: Centre): Grown | undefined {
  const xs = Array.from(boxes.x);
  const end = (sign: 1 | -1) =>
    xs.reduce((best, x, i) => (sign * x > sign * (xs[best] as number) ? i : best), 0);
  const few = new Set([end(-1), end(1)]);
  for (let round = 0; round < mostRounds; round++) {
    const grown = smallestFactorOf(picked(boxes, [...few]), centre);
    const joining = grown && furthestOff(boxes, grown).filter((i) => !few.has(i));
    if (!grown || !joining || joining.length === 0) return grown;
    for (const i of joining) few.add(i);
  }
  return undefined;
}

/** The readings whose boxes the line only just meets once all bars have grown: without them it could turn. */
function touched(boxes: ErrorBoxes, { line, factor }: Grown): readonly number[] {
  return Array.from({ length: boxes.x.length }, (_, i) => i).filter(
    (i) => factorNeeded(boxes, i, line).factor >= factor * (1 - tight),
  );
}

/** How much all bars have to grow until a line meets every box, that line, and the readings that decide. */
export function grownBars(
  boxes: ErrorBoxes,
  centre: Centre,
): (Grown & { readonly preventing: readonly number[] }) | undefined {
  const grown = smallestFactor(boxes, centre);
  return grown && { ...grown, preventing: touched(boxes, grown) };
}
