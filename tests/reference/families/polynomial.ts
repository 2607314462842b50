import { fitPolynomial } from "@/core/fit/polynomial";
import { studentTFactor } from "@/core/statistics/studentT";
import { type Family, refused } from "../family";

/** Polynomial least squares with standard errors and the goodness of the fit. */
export const polynomial: Family = (input) => {
  const { x, y, degree } = input as { x: number[]; y: number[]; degree: number };
  const outcome = fitPolynomial(x, y, degree);
  if (outcome.kind === "no-curve") return refused;
  const { coefficients, covariance, count, degreesOfFreedom, residualSumOfSquares } = outcome.fit;
  const mean = y.reduce((sum, value) => sum + value, 0) / count;
  const whole = y.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  const r2 = 1 - residualSumOfSquares / whole;
  const se = covariance?.map((row, k) => Math.sqrt(row[k]!)) ?? null;
  const t = degreesOfFreedom > 0 ? studentTFactor(0.95, degreesOfFreedom) : undefined;
  return {
    n: count,
    degree,
    dof: degreesOfFreedom,
    coefficients,
    se,
    r2,
    t95: t,
    residual_sd: se && Math.sqrt(residualSumOfSquares / degreesOfFreedom),
    rss: residualSumOfSquares,
    adj_r2: se && 1 - ((1 - r2) * (count - 1)) / degreesOfFreedom,
    ci95: t !== undefined && se ? se.map((error) => t * error) : null,
  };
};
