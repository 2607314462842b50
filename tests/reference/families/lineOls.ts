import type { LineFit } from "@/core/fit/lineFit";
import { bandAt, confidenceIntervals } from "@/core/fit/lineIntervals";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { type Family, refused } from "../family";

function intervals(line: LineFit, level: number, name: string) {
  const found = confidenceIntervals(line, level);
  if (!found) return {};
  return {
    [`t${name}`]: found.t,
    [`ci${name}_slope`]: [found.slope.low, found.slope.high],
    [`ci${name}_intercept`]: [found.intercept.low, found.intercept.high],
    [`ci${name}_slope_half`]: found.slope.half,
    [`ci${name}_intercept_half`]: found.intercept.half,
  };
}

/** Unweighted least squares with intervals and bands. */
export const lineOls: Family = (input) => {
  const { x, y, x_band = [] } = input as { x: number[]; y: number[]; x_band?: number[] };
  const outcome = fitOrdinaryLine(x, y);
  if (outcome.kind === "no-line") return refused;
  const { line } = outcome;
  return {
    n: line.count,
    dof: line.degreesOfFreedom,
    slope: line.slope,
    intercept: line.intercept,
    rss: line.residualSumOfSquares,
    residual_sd: line.residualStandardDeviation,
    se_slope: line.standardErrorOfSlope,
    se_intercept: line.standardErrorOfIntercept,
    cov: line.covariance,
    r2: line.rSquared,
    adj_r2: line.adjustedRSquared,
    ...intervals(line, 0.95, "95"),
    ...intervals(line, 0.99, "99"),
    bands: x_band.map((at) => {
      const { x: place, y: height, confidence, prediction } = bandAt(line, at, 0.95);
      return { x: place, y: height, confidence95: confidence, prediction95: prediction };
    }),
  };
};
