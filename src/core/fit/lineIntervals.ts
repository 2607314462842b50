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
  readonly prediction?: number;
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

/**
 * Confidence band of the line and prediction band of one new reading at x:
 *
 *   t·s·√(1/n + (x−x̄)²/Σ(x−x̄)²)   and   t·s·√(1 + 1/n + (x−x̄)²/Σ(x−x̄)²)
 *
 * Source: Draper & Smith, Applied Regression Analysis, § 3.1.
 */
export function bandAt(line: LineFit, x: number, level: number): BandPoint {
  const y = line.slope * x + line.intercept;
  const s = line.residualStandardDeviation;
  if (s === undefined) return { x, y };
  const t = studentTFactor(level, line.degreesOfFreedom);
  const spread = 1 / line.count + (x - line.meanOfX) ** 2 / line.sumOfSquaresOfX;
  return { x, y, confidence: t * s * Math.sqrt(spread), prediction: t * s * Math.sqrt(1 + spread) };
}
