import type { LineFit } from "../fit/lineFit";
import { fitOrdinaryLine } from "../fit/ordinaryLine";
import { fitYorkLine } from "../fit/yorkLine";
import { isStraight } from "./board";
import { straightnessOf } from "./straightness";
import type { Barred, Transformed, TransformId } from "./transforms";

/** A number with its standard uncertainty. */
export interface Estimate {
  readonly value: number;
  readonly error: number;
}

/** A fraction of small whole numbers. */
export interface Fraction {
  readonly above: number;
  readonly below: number;
}

/** Laws of two quantities, by the pair that makes each straight. */
export const laws = {
  line: ["1", "1"],
  power: ["ln", "ln"],
  exponential: ["1", "ln"],
  logarithm: ["ln", "1"],
  reciprocal: ["1", "-1"],
} as const satisfies Record<string, readonly [TransformId, TransformId]>;
export type Law = keyof typeof laws;

/** What the points say of the law that they follow. */
export interface FromPoints {
  /** n of y = a xⁿ, from ln y against ln x; undefined where a value is not above 0. */
  readonly exponent: Estimate | undefined;
  /** The simplest fraction within twice its ±. */
  readonly fraction: Fraction | undefined;
  /** b of y = a exp(b x), from ln y against x. */
  readonly rate: Estimate | undefined;
  /** Laws under which the points are straight as far as they tell. */
  readonly possible: readonly Law[];
}

const largestBelow = 4;

/** The fraction with the smallest denominator within so many errors, if there is one up to quarters. */
export function simpleFraction({ value, error }: Estimate, errors = 2): Fraction | undefined {
  for (let below = 1; below <= largestBelow; below++) {
    const above = Math.round(value * below);
    if (above !== 0 && Math.abs(value - above / below) <= errors * error) return { above, below };
  }
  return undefined;
}

function kept(x: Transformed, y: Transformed, part: number) {
  const places = [...x.values.keys()].filter(
    (i) => Number.isFinite(x.values[i]) && Number.isFinite(y.values[i]),
  );
  const of = (values: Float64Array) => Float64Array.from(places, (i) => values[i] as number);
  const bars = ({ up, down }: Barred) =>
    Float64Array.from(places, (i) => (part * ((up[i] as number) + (down[i] as number))) / 2);
  return { x: of(x.values), y: of(y.values), sx: bars(x), sy: bars(y) };
}

/** The line with both bars where every point has one, the plain one otherwise. */
function lineThrough(x: Transformed, y: Transformed, part: number): LineFit | undefined {
  const points = kept(x, y, part);
  const barred = points.sx.every((s, i) => s > 0 || (points.sy[i] as number) > 0);
  const outcome =
    barred && points.x.length > 2
      ? fitYorkLine(points.x, points.y, points.sx, points.sy)
      : fitOrdinaryLine(points.x, points.y);
  return outcome.kind === "line" ? outcome.line : undefined;
}

/** The slope with the larger of what the bars and what the scatter say of it. */
function slopeOf(line: LineFit | undefined): Estimate | undefined {
  if (line?.standardErrorOfSlope === undefined) return undefined;
  const scatter = Math.sqrt(Math.max(1, line.reducedChiSquare ?? 1));
  return { value: line.slope, error: line.standardErrorOfSlope * scatter };
}

/** Reads the law of two quantities off their transforms. */
export function fromPoints(
  across: readonly Transformed[],
  up: readonly Transformed[],
  part: number,
): FromPoints {
  const of = (all: readonly Transformed[], id: TransformId) => all.find((one) => one.id === id);
  const pair = (x: TransformId, y: TransformId) => {
    const [a, b] = [of(across, x), of(up, y)];
    return a && b && a.beyond === 0 && b.beyond === 0 ? ([a, b] as const) : undefined;
  };
  const slope = (x: TransformId, y: TransformId) => {
    const found = pair(x, y);
    return found && slopeOf(lineThrough(...found, part));
  };
  const exponent = slope("ln", "ln");
  const possible = (Object.keys(laws) as Law[]).filter((law) => {
    const [x, y] = laws[law];
    const found = pair(x, y);
    return isStraight(found && straightnessOf(...found, part));
  });
  return {
    exponent,
    possible,
    rate: slope("1", "ln"),
    fraction: exponent && simpleFraction(exponent),
  };
}
