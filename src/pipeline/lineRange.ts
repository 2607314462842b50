import { endBoxLines } from "@/core/fit/endBoxes";
import type { LineFit, LineOutcome } from "@/core/fit/lineFit";
import { confidenceIntervals } from "@/core/fit/lineIntervals";
import { type RangeLine, slopeRange } from "@/core/fit/slopeRange";
import type { Finding } from "@/core/finding/finding";
import type { LineRules } from "./bestLine";
import type { LaidByHand } from "./byHand";
import type { FigurePoints } from "./figurePoints";

/** The level of confidence of the range by statistics. */
export const rangeLevel = 0.95;

/** How far the best line can turn, by the house rule. */
export type LineRange =
  | {
      readonly kind: "range";
      readonly steepest: RangeLine;
      readonly shallowest: RangeLine;
      /** (steepest − shallowest)/2, without a sign. */
      readonly halfOfSlope: number;
      readonly halfOfIntercept: number;
    }
  /** No line meets every box. */
  | {
      readonly kind: "none";
      readonly factor: number;
      /** The rows whose boxes prevent it, by their place among the points. */
      readonly preventing: readonly number[];
    }
  | { readonly kind: "no-range"; readonly finding: Finding };

/** Part of two numbers below which their difference is rounding of the arithmetic. */
const noise = 1e-12;

/** Half of what lies between two numbers; 0 where only rounding tells them apart. */
function halfBetween(a: number, b: number): number {
  const half = Math.abs(a - b) / 2;
  return half <= noise * Math.max(Math.abs(a), Math.abs(b)) ? 0 : half;
}

function ranged(steepest: RangeLine, shallowest: RangeLine): LineRange {
  return {
    ...{ kind: "range", steepest, shallowest },
    halfOfSlope: halfBetween(steepest.slope, shallowest.slope),
    halfOfIntercept: halfBetween(steepest.intercept, shallowest.intercept),
  };
}

function byStatistics(line: LineFit): LineRange {
  const intervals = line.degreesOfFreedom > 0 ? confidenceIntervals(line, rangeLevel) : undefined;
  if (!intervals) return { kind: "no-range", finding: { name: "two-points-no-standard-error" } };
  const y = line.slope * line.meanOfX + line.intercept;
  const turned = (slope: number): RangeLine => ({ slope, intercept: y - slope * line.meanOfX });
  const { low, high } = intervals.slope;
  const found = ranged(...steepFirst(turned(high), turned(low), line));
  return found.kind === "range" ? { ...found, halfOfIntercept: intervals.intercept.half } : found;
}

/** Steepest is the line of greater slope where the best line rises, of lesser slope where it falls. */
function steepFirst(greatest: RangeLine, least: RangeLine, line: LineFit): [RangeLine, RangeLine] {
  return line.slope < 0 ? [least, greatest] : [greatest, least];
}

function hasBars({ xBars, yBars }: FigurePoints): boolean {
  return [xBars.up, xBars.down, yBars.up, yBars.down].some((bars) => bars.some((bar) => bar > 0));
}

function reckoned(
  points: FigurePoints,
  line: LineFit,
  rule: Exclude<LineRules["slopeRange"], "by-hand">,
): LineRange {
  const { xValues: x, yValues: y, xBars, yBars } = points;
  if (rule === "every-box" && !hasBars(points)) {
    return { kind: "no-range", finding: { name: "no-error-boxes" } };
  }
  const boxes = { x, y, xDown: xBars.down, xUp: xBars.up, yDown: yBars.down, yUp: yBars.up };
  if (rule === "statistics") return byStatistics(line);
  if (rule === "end-boxes") {
    const found = endBoxLines(boxes, line.slope);
    if (!found) return { kind: "no-range", finding: { name: "end-boxes-overlap" } };
    return ranged(found.steepest, found.shallowest);
  }
  const found = slopeRange(boxes);
  if (found.kind === "range") return ranged(...steepFirst(found.greatest, found.least, line));
  if (found.kind === "no-range") {
    const bare = found.finding.name === "bar-of-zero";
    return bare ? { kind: "no-range", finding: { name: "no-error-boxes" } } : found;
  }
  return { kind: "none", factor: found.factor, preventing: found.preventing };
}

const known = new WeakMap<FigurePoints, { rule: string; line: LineFit; range: LineRange }>();

function fromHand({ steepest, shallowest }: LaidByHand): LineRange {
  if (steepest && shallowest) return ranged(steepest, shallowest);
  return { kind: "no-range", finding: { name: "straightedges-missing" } };
}

/**
 * How far the line of a series can turn; worked out once as long as points, line and rule stay the same.
 * @param laid straightedges that stand for the steepest and the shallowest line, for the rule "by hand".
 */
export function lineRange(
  points: FigurePoints,
  outcome: LineOutcome,
  { slopeRange: rule }: LineRules,
  laid: LaidByHand,
): LineRange | undefined {
  if (outcome.kind === "no-line") return undefined;
  if (rule === "by-hand") return fromHand(laid);
  const { line } = outcome;
  const before = known.get(points);
  if (before?.rule === rule && before.line === line) return before.range;
  const range = reckoned(points, line, rule);
  known.set(points, { rule, line, range });
  return range;
}
