import type { Finding } from "../finding/finding";
import { probabilityOfLargerChiSquare } from "../statistics/chiSquare";
import type { LineFit, LineOutcome } from "./lineFit";

function noLine(finding: Finding): LineOutcome {
  return { kind: "no-line", finding };
}

/** What χ² says of a line whose ± are taken as absolute; nothing without degrees of freedom. */
export function judged(chiSquare: number, degreesOfFreedom: number): Partial<LineFit> {
  if (degreesOfFreedom < 1) return { chiSquare };
  return {
    chiSquare,
    reducedChiSquare: chiSquare / degreesOfFreedom,
    probability: probabilityOfLargerChiSquare(chiSquare, degreesOfFreedom),
  };
}

/**
 * Least squares with weights w = 1/σ².
 *
 *   x̄ = Σwx/Σw   m = Σw(x−x̄)(y−ȳ)/Σw(x−x̄)²   c = ȳ − m x̄
 *   SE(m)² = 1/Σw(x−x̄)²   SE(c)² = 1/Σw + x̄²/Σw(x−x̄)²   cov(m,c) = −x̄/Σw(x−x̄)²
 *
 * The σ are taken as absolute. Source: GUM-consistent; Bevington & Robinson, Data Reduction, § 6.
 * @param sigma standard uncertainties of y, all above 0, in its unit.
 */
export function fitWeightedLine(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  sigma: ArrayLike<number>,
): LineOutcome {
  const n = x.length;
  if (n !== y.length || n !== sigma.length)
    return noLine({ name: "lengths-differ", x: n, y: y.length });
  if (n < 2) return noLine({ name: "too-few-points", count: n });
  const [x0, y0] = [x[0] as number, y[0] as number];
  let [sum, sumX, sumY] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const s = sigma[i] as number;
    if (!(s > 0)) return noLine({ name: "bar-of-zero" });
    const weight = 1 / (s * s);
    sum += weight;
    sumX += weight * ((x[i] as number) - x0);
    sumY += weight * ((y[i] as number) - y0);
  }
  const [meanX, meanY] = [sumX / sum, sumY / sum];
  let [xx, xy] = [0, 0];
  for (let i = 0; i < n; i++) {
    const weight = 1 / (sigma[i] as number) ** 2;
    const dx = (x[i] as number) - x0 - meanX;
    xx += weight * dx * dx;
    xy += weight * dx * ((y[i] as number) - y0 - meanY);
  }
  if (!Number.isFinite(xx + xy)) return noLine({ name: "not-finite" });
  if (!(xx > 0)) return noLine({ name: "all-x-equal", x: x0 });
  const slope = xy / xx;
  let [chiSquare, rss] = [0, 0];
  for (let i = 0; i < n; i++) {
    const off = (y[i] as number) - y0 - meanY - slope * ((x[i] as number) - x0 - meanX);
    rss += off * off;
    chiSquare += (off / (sigma[i] as number)) ** 2;
  }
  const meanOfX = x0 + meanX;
  const degreesOfFreedom = n - 2;
  return {
    kind: "line",
    line: {
      slope,
      intercept: y0 + meanY - slope * meanOfX,
      count: n,
      degreesOfFreedom,
      standardErrorOfSlope: Math.sqrt(1 / xx),
      standardErrorOfIntercept: Math.sqrt(1 / sum + (meanOfX * meanOfX) / xx),
      covariance: -meanOfX / xx,
      weighting: "y",
      converged: true,
      residualSumOfSquares: rss,
      meanOfX,
      sumOfSquaresOfX: xx,
      ...judged(n === 2 ? 0 : chiSquare, degreesOfFreedom),
      findings: [],
    },
  };
}
