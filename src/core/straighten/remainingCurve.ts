import { fitOrdinaryLine } from "../fit/ordinaryLine";

/** What a remaining curve, or points that are no function, suggest. */
export type Suggestion =
  /** y = a x + b x²: plot y/x against x. */
  | "starts-with-slope"
  /** y − c follows a power of x: take the background off. */
  | "offset"
  /** y comes to a level: plot 1/y against 1/x, or fit a saturation. */
  | "saturates"
  /** Falls to a level other than 0: take it off before the logarithm. */
  | "falls-to-level"
  /** Two y for one x: plot y². */
  | "two-for-one";

/** Points sorted by x with equal x met by means of y. */
function sorted(x: ArrayLike<number>, y: ArrayLike<number>): (readonly [number, number])[] {
  return Array.from({ length: x.length }, (_, i) => [x[i] as number, y[i] as number] as const)
    .filter(([a, b]) => Number.isFinite(a) && Number.isFinite(b))
    .sort((a, b) => a[0] - b[0]);
}

/** Slope of a part of the points; undefined for fewer than two x. */
function slopeOf(points: readonly (readonly [number, number])[]): number | undefined {
  const outcome = fitOrdinaryLine(
    points.map(([x]) => x),
    points.map(([, y]) => y),
  );
  return outcome.kind === "line" ? outcome.line.slope : undefined;
}

/**
 * Whether y is no function of x: near one x lie two y far apart, one as much above the middle line as the other is below,
 * along most of x, as on a sideways parabola.
 */
export function isTwoForOne(x: ArrayLike<number>, y: ArrayLike<number>): boolean {
  const points = sorted(x, y);
  if (points.length < 6) return false;
  const ys = points.map(([, b]) => b);
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const spans = points.slice(1).map(([a, b], i) => {
    const [before, level] = points[i] as readonly [number, number];
    return { near: a - before, jump: Math.abs(b - level) };
  });
  const reach = (points.at(-1)?.[0] ?? 0) - (points[0]?.[0] ?? 0);
  const jumps = spans.filter(({ near, jump }) => near < 0.1 * reach && jump > 0.35 * (high - low));
  return low < 0 && high > 0 && jumps.length >= 0.3 * points.length;
}

/** What the shape of a rising or falling curve says that no pair of the board makes straight. */
export function suggestionsFor(x: ArrayLike<number>, y: ArrayLike<number>): readonly Suggestion[] {
  if (isTwoForOne(x, y)) return ["two-for-one"];
  const points = sorted(x, y);
  const third = Math.floor(points.length / 3);
  if (third < 2) return [];
  const [first, last] = [slopeOf(points.slice(0, third + 1)), slopeOf(points.slice(-third - 1))];
  const whole = slopeOf(points);
  if (first === undefined || last === undefined || whole === undefined) return [];
  const flattens = Math.abs(last) < 0.35 * Math.abs(first);
  const steepens = Math.abs(first) < 0.6 * Math.abs(last);
  if (whole > 0 && steepens) return ["starts-with-slope", "offset"];
  if (whole > 0 && flattens) return ["saturates", "offset"];
  if (whole < 0 && flattens) return ["falls-to-level", "offset"];
  return ["offset"];
}
