import type { LineFit } from "@/core/fit/lineFit";
import { leverages } from "@/core/fit/leverage";
import { type Curvature, curvatureOf } from "@/core/fit/curvature";
import type { RangeLine } from "@/core/fit/slopeRange";
import { type RunsTest, runsTest } from "@/core/statistics/runsTest";
import type { LineChoice } from "@/investigation/model/figure";
import { bestLine, type LineRules, standardBars } from "./bestLine";
import type { BarArrays, FigurePoints } from "./figurePoints";
import { atOnce, type Steps } from "../readings/steps";

/** How far one reading lies off a line. */
export interface Residual {
  /** Its place among the points. */
  readonly index: number;
  readonly x: number;
  /** Above the line it is positive; in the unit of y. */
  readonly off: number;
  /** How far its box reaches towards the line, upright; 0 where it has no bars. */
  readonly bar: number;
  /** How much it holds the line, 0 to 1. */
  readonly leverage: number | undefined;
}

/** How the readings lie about a line. */
export interface Residuals {
  /** From left to right. */
  readonly points: readonly Residual[];
  readonly missed: readonly number[];
  readonly runs: RunsTest | undefined;
  readonly curvature: Curvature | undefined;
  /** χ² per degree of freedom with the standard bars, whether they counted or not; undefined without bars. */
  readonly reducedChiSquare: number | undefined;
}

/** Part of the size of y below which a distance is rounding of the arithmetic. */
const noise = 1e-12;
const slack = 1e-9;

function at(of: ArrayLike<number>, index: number): number {
  return of[index] as number;
}

/** The corner of a box that is nearest to a line: down and right of a point above a rising line. */
function towardsLine(
  { xBars, yBars }: FigurePoints,
  i: number,
  off: number,
  slope: number,
): number {
  const upright = off > 0 ? at(yBars.down, i) : at(yBars.up, i);
  const level = off > 0 === slope > 0 ? at(xBars.up, i) : at(xBars.down, i);
  return upright + Math.abs(slope) * level;
}

/** The bars as they count for a line, σ² = σy² + m²σx²; undefined where one of them is 0. */
function effectiveBars(
  points: FigurePoints,
  slope: number,
  rules: LineRules,
): Float64Array | undefined {
  const sx = standardBars(points.xBars, rules);
  const sigma = standardBars(points.yBars, rules);
  for (let i = 0; i < sigma.length; i++) {
    sigma[i] = Math.hypot(at(sigma, i), slope * at(sx, i));
    if (!(at(sigma, i) > 0)) return undefined;
  }
  return sigma;
}

function reduced(offs: Float64Array, sigma: Float64Array, degreesOfFreedom: number) {
  if (degreesOfFreedom < 1) return undefined;
  return offs.reduce((sum, off, i) => sum + (off / at(sigma, i)) ** 2, 0) / degreesOfFreedom;
}

/** Each reading against the line, from left to right. */
function offPoints(
  points: FigurePoints,
  offs: Float64Array,
  slope: number,
  held: Float64Array | undefined,
): Residual[] {
  const { xValues: x } = points;
  const all: Residual[] = [];
  for (let index = 0; index < offs.length; index++) {
    const off = at(offs, index);
    const bar = towardsLine(points, index, off, slope);
    all.push({ index, x: at(x, index), off, bar, leverage: held && at(held, index) });
  }
  return all.sort((a, b) => a.x - b.x);
}

type JudgedLine = RangeLine & Pick<LineFit, "weighting" | "degreesOfFreedom">;

/** How the readings lie about a line, with a pause between two looks at all of them. */
export function* lyingOff(
  points: FigurePoints,
  line: JudgedLine,
  rules: LineRules,
): Steps<Residuals> {
  const { xValues: x, yValues: y } = points;
  const { slope, intercept } = line;
  const size = y.reduce((most, value) => Math.max(most, Math.abs(value)), Math.abs(intercept));
  const offs = y.map((value, i) => {
    const off = value - slope * at(x, i) - intercept;
    return Math.abs(off) <= noise * size ? 0 : off;
  });
  const sigma = effectiveBars(points, slope, rules);
  const weights =
    line.weighting !== "none" && sigma ? sigma.map((bar) => 1 / (bar * bar)) : undefined;
  yield;
  const all = offPoints(points, offs, slope, leverages(x, weights));
  yield;
  const curvature = curvatureOf(x, y, weights);
  yield;
  return {
    points: all,
    curvature,
    missed: all
      .filter(({ off, bar }) => bar > 0 && Math.abs(off) > bar * (1 + slack))
      .map(({ index }) => index),
    runs: runsTest(all.map(({ off }) => off)),
    reducedChiSquare: sigma && reduced(offs, sigma, line.degreesOfFreedom),
  };
}

/** How the readings lie about a line: how far off, in which pattern, how strongly each holds it. */
export function residualsOf(points: FigurePoints, line: JudgedLine, rules: LineRules): Residuals {
  return atOnce(lyingOff(points, line, rules));
}

function leftOut(values: Float64Array, index: number): Float64Array {
  return values.filter((_, i) => i !== index);
}

function barsLeftOut({ up, down }: BarArrays, index: number): BarArrays {
  return { up: leftOut(up, index), down: leftOut(down, index) };
}

const mostLeftOut = 300;

/**
 * The slope of the best line without each of the readings in turn, by their places; undefined where too few are left.
 * For more than 300 readings, where one can hardly matter, nothing.
 */
export function slopesWithout(
  points: FigurePoints,
  choice: LineChoice,
  rules: LineRules,
): readonly (number | undefined)[] {
  const { xValues, yValues, xBars, yBars } = points;
  if (xValues.length > mostLeftOut) return [];
  return Array.from(xValues.keys(), (index) => {
    const others = {
      ...points,
      xValues: leftOut(xValues, index),
      yValues: leftOut(yValues, index),
      xBars: barsLeftOut(xBars, index),
      yBars: barsLeftOut(yBars, index),
    };
    const outcome = bestLine(others, choice, rules);
    return outcome.kind === "line" ? outcome.line.slope : undefined;
  });
}
