import { remembered } from "@/remembered/remembered";
import { endBoxes, endBoxLines, endPlaces } from "@/core/fit/endBoxes";
import { heldRange, type Hold } from "@/core/fit/heldRange";
import type { LineFit, LineOutcome } from "@/core/fit/lineFit";
import { confidenceIntervals } from "@/core/fit/lineIntervals";
import {
  type ErrorBoxes,
  type RangeLine,
  slopeRange,
  type SlopeRange,
} from "@/core/fit/slopeRange";
import type { Finding } from "@/core/finding/finding";
import { type Figure, plainLine, type LineChoice } from "@/investigation/model/figure";
import { holdOf, type LineRules } from "./bestLine";
import { boxesOf } from "./boxes";
import { type LaidByHand, laidByHand } from "./byHand";
import type { FigurePoints } from "./figurePoints";
import type { SeriesFit } from "./fit";

/** The level of confidence of the range by statistics. */
export const rangeLevel = 0.95;

/** How far a line can turn, with the lines at its ends. */
export interface RangedLine {
  readonly kind: "range";
  readonly steepest: RangeLine;
  readonly shallowest: RangeLine;
  /** (steepest − shallowest)/2, without a sign. */
  readonly halfOfSlope: number;
  /** Half of what the intercepts of all allowed lines span (calculation § 7). */
  readonly halfOfIntercept: number;
  /** Half of what lies between the intercepts of the two lines that are drawn, which may cross near 0. */
  readonly halfBetweenIntercepts: number;
  /** Lines at which everything that is read off has its extremes: the corners of the polygon of all allowed lines; none for statistics. */
  readonly corners: readonly RangeLine[];
  /** The best line as it was laid by eye, where the range is laid by hand. */
  readonly byEye?: RangeLine;
  /** By how much a standard error was multiplied, for the range by statistics. */
  readonly factor?: number;
}

/** How far the best line can turn, by the house rule. */
export type LineRange =
  | RangedLine
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

/** Half of what numbers span; 0 where only rounding tells them apart. */
function halfSpan(values: readonly number[]): number {
  const low = values.reduce((a, b) => Math.min(a, b), Infinity);
  const high = values.reduce((a, b) => Math.max(a, b), -Infinity);
  const half = (high - low) / 2;
  return half <= noise * Math.max(Math.abs(low), Math.abs(high)) ? 0 : half;
}

function ranged(
  steepest: RangeLine,
  shallowest: RangeLine,
  corners: readonly RangeLine[] = [steepest, shallowest],
): RangedLine {
  const between = [steepest, shallowest];
  return {
    kind: "range",
    steepest,
    shallowest,
    corners,
    halfOfSlope: halfSpan(between.map(({ slope }) => slope)),
    halfOfIntercept: halfSpan(corners.map(({ intercept }) => intercept)),
    halfBetweenIntercepts: halfSpan(between.map(({ intercept }) => intercept)),
  };
}

function byStatistics(line: LineFit): LineRange {
  const intervals = line.degreesOfFreedom > 0 ? confidenceIntervals(line, rangeLevel) : undefined;
  if (!intervals) return { kind: "no-range", finding: { name: "two-points-no-standard-error" } };
  const y = line.slope * line.meanOfX + line.intercept;
  const turned = (slope: number): RangeLine => ({ slope, intercept: y - slope * line.meanOfX });
  const { low, high } = intervals.slope;
  const found = ranged(...steepFirst(turned(high), turned(low), line));
  const error = line.standardErrorOfSlope || line.standardErrorOfIntercept || 1;
  const half = line.standardErrorOfSlope ? intervals.slope.half : intervals.intercept.half;
  const factor = half / error;
  return { ...found, halfOfIntercept: intervals.intercept.half, corners: [], factor };
}

/** Steepest is the line of greater slope where the best line rises, of lesser slope where it falls. */
function steepFirst(greatest: RangeLine, least: RangeLine, line: LineFit): [RangeLine, RangeLine] {
  return line.slope < 0 ? [least, greatest] : [greatest, least];
}

function hasBars({ xBars, yBars }: FigurePoints): boolean {
  return [xBars.up, xBars.down, yBars.up, yBars.down].some((bars) => bars.some((bar) => bar > 0));
}

function hasSize({ xDown, xUp, yDown, yUp }: ErrorBoxes): boolean {
  return [xDown, xUp, yDown, yUp].some((bars) => Array.from(bars).some((bar) => bar > 0));
}

/** The range that was found among boxes, as that of a line; @param indices of the boxes among the points. */
function asRange(found: SlopeRange, line: LineFit, indices: readonly number[]): LineRange {
  switch (found.kind) {
    case "range": {
      const [steepest, shallowest] = steepFirst(found.greatest, found.least, line);
      return ranged(steepest, shallowest, found.corners);
    }
    case "no-range": {
      const bare = found.finding.name === "bar-of-zero";
      return bare ? { kind: "no-range", finding: { name: "no-error-boxes" } } : found;
    }
    case "none": {
      const preventing = found.preventing.map((i) => indices[i] as number);
      return { kind: "none", factor: found.factor, preventing };
    }
  }
}

function ofHeld(boxes: ErrorBoxes, hold: Hold, line: LineFit, indices: readonly number[]) {
  const best = hold.kind === "point" ? line.slope : line.intercept;
  return asRange(heldRange(boxes, hold, best), line, indices);
}

/** Through opposite corners of the end boxes; what is read off has its extremes among all lines that meet these two. */
function ofEndBoxes(boxes: ErrorBoxes, line: LineFit): LineRange {
  const found = endBoxLines(boxes, line.slope);
  const two = endBoxes(boxes);
  if (!found || !two) return { kind: "no-range", finding: { name: "end-boxes-overlap" } };
  const all = slopeRange(two);
  const corners = all.kind === "range" ? all.corners : undefined;
  return ranged(found.steepest, found.shallowest, corners);
}

function reckoned(
  points: FigurePoints,
  line: LineFit,
  rule: Exclude<LineRules["slopeRange"], "by-hand">,
  hold: Hold | undefined,
): LineRange {
  if (rule === "statistics") return byStatistics(line);
  if (!hasBars(points)) return { kind: "no-range", finding: { name: "no-error-boxes" } };
  const { boxes, indices } = boxesOf(points);
  if (rule === "end-boxes") {
    const ends = endPlaces(boxes);
    const two = endBoxes(boxes);
    if (!ends || !two) return { kind: "no-range", finding: { name: "end-boxes-overlap" } };
    if (!hasSize(two)) return { kind: "no-range", finding: { name: "no-error-boxes" } };
    if (!hold) return ofEndBoxes(boxes, line);
    return ofHeld(
      two,
      hold,
      line,
      ends.map((i) => indices[i] as number),
    );
  }
  return hold ? ofHeld(boxes, hold, line, indices) : asRange(slopeRange(boxes), line, indices);
}

const reckonedOnce = remembered(
  (
    points: FigurePoints,
    line: LineFit,
    rule: Parameters<typeof reckoned>[2],
    choice: LineChoice,
    rules: LineRules,
  ) => reckoned(points, line, rule, holdOf(choice, rules)),
);

function fromHand({ steepest, shallowest, best }: LaidByHand): LineRange {
  if (steepest && shallowest) {
    return { ...ranged(steepest, shallowest), ...(best && { byEye: best }) };
  }
  return { kind: "no-range", finding: { name: "straightedges-missing" } };
}

/**
 * How far the line of a series can turn; that of a held line among the lines that are held so. Worked out once as long
 * as points, line and rule stay the same.
 * @param laid straightedges that stand for the steepest and the shallowest line, for the rule "by hand".
 */
export function lineRange(
  points: FigurePoints,
  outcome: LineOutcome,
  rules: LineRules,
  laid: LaidByHand,
  choice: LineChoice = plainLine,
): LineRange | undefined {
  if (outcome.kind === "no-line") return undefined;
  const { slopeRange: rule } = rules;
  if (rule === "by-hand") return fromHand(laid);
  return reckonedOnce(points, outcome.line, rule, choice, rules);
}

/** How far the line of one series of a figure can turn. */
export function rangeOfLine(
  figure: Pick<Figure, "straightedges" | "line">,
  { key, fitted, outcome }: SeriesFit,
  rules: LineRules,
): LineRange | undefined {
  return lineRange(fitted, outcome, rules, laidByHand(figure, key), figure.line);
}
