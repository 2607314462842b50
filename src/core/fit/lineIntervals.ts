import { studentTFactor } from "../statistics/studentT";
import type { LineFit } from "./lineFit";

/** An estimate ± half, at a two-sided level of confidence. */
export interface ConfidenceInterval {
  readonly low: number;
  readonly high: number;
  readonly half: number;
}

/** The fitted y at one x with the half-widths of both bands, in the unit of y. */
export interface BandPoint {
  readonly x: number;
  readonly y: number;
  readonly confidence?: number;
  readonly prediction?: number | undefined;
}

function intervalAround(estimate: number, half: number): ConfidenceInterval {
  return { low: estimate - half, high: estimate + half, half };
}

/**
 * m ± t·SE(m), c ± t·SE(c) with Student's t at n − 2 degrees of freedom.
 * @returns undefined for two points, where no standard error exists.
 */
export function confidenceIntervals(
  line: LineFit,
  level: number,
): { slope: ConfidenceInterval; intercept: ConfidenceInterval; t: number } | undefined {
  const { standardErrorOfSlope, standardErrorOfIntercept } = line;
  if (standardErrorOfSlope === undefined || standardErrorOfIntercept === undefined)
    return undefined;
  const t = studentTFactor(level, line.degreesOfFreedom);
  return {
    t,
    slope: intervalAround(line.slope, t * standardErrorOfSlope),
    intercept: intervalAround(line.intercept, t * standardErrorOfIntercept),
  };
}

/** The variance of a line's height: atCentre + ofSlope · (x − centre)². */
export interface HeightVariance {
  readonly centre: number;
  readonly atCentre: number;
  readonly ofSlope: number;
}

/**
 * How sure a line is of its height, from the covariance of slope and intercept: var(c) + 2x cov(m, c) + x² var(m),
 * written about the x where height and slope do not depend on each other.
 * @returns undefined where the line has no standard errors.
 */
export function heightVariance(line: LineFit): HeightVariance | undefined {
  const { standardErrorOfSlope: m, standardErrorOfIntercept: c, covariance = 0 } = line;
  if (m === undefined || c === undefined) return undefined;
  const s = line.residualStandardDeviation;
  const alone = line.weighting === "none" && line.sharedReadings?.factor === undefined;
  if (alone && s !== undefined && line.degreesOfFreedom === line.count - 2) {
    return { centre: line.meanOfX, atCentre: (s * s) / line.count, ofSlope: m * m };
  }
  if (!(m > 0)) return { centre: 0, atCentre: c * c, ofSlope: 0 };
  const atCentre = Math.max(0, c * c - (covariance / m) ** 2);
  return { centre: -covariance / (m * m), atCentre, ofSlope: m * m };
}

/** Half-widths of both bands of a line: t √var(x) and t √(var(x) + s²), s being the scatter of a new reading. */
export interface LineBands extends HeightVariance {
  readonly t: number;
  readonly scatter: number | undefined;
}

/**
 * Confidence band of the line and prediction band of one new reading. For an unweighted free line these are
 *
 *   t·s·√(1/n + (x−x̄)²/Σ(x−x̄)²)   and   t·s·√(1 + 1/n + (x−x̄)²/Σ(x−x̄)²)
 *
 * Source: Draper & Smith, Applied Regression Analysis, § 3.1.
 * @param scatter standard uncertainty of a new reading; the line's own residual standard deviation where left out.
 */
export function lineBands(
  line: LineFit,
  level: number,
  scatter: number | undefined = line.residualStandardDeviation,
): LineBands | undefined {
  const variance = heightVariance(line);
  if (!variance || line.degreesOfFreedom < 1) return undefined;
  return { ...variance, t: studentTFactor(level, line.degreesOfFreedom), scatter };
}

/** The half-widths of both bands at one x. */
export function bandHalves(
  { centre, atCentre, ofSlope, t, scatter }: LineBands,
  x: number,
): { confidence: number; prediction: number | undefined } {
  const variance = atCentre + ofSlope * (x - centre) ** 2;
  return {
    confidence: t * Math.sqrt(variance),
    prediction: scatter === undefined ? undefined : t * Math.sqrt(variance + scatter * scatter),
  };
}

/** The line and both bands at one x. */
export function bandAt(line: LineFit, x: number, level: number): BandPoint {
  const y = line.slope * x + line.intercept;
  const bands = lineBands(line, level);
  return bands ? { x, y, ...bandHalves(bands, x) } : { x, y };
}
