import type { Finding } from "../finding/finding";
import type { LineFit, LineOutcome } from "./lineFit";
import { withoutRounding } from "./ordinaryLine";
import { judged } from "./weightedLine";

function noLine(finding: Finding): LineOutcome {
  return { kind: "no-line", finding };
}

type Numbers = ArrayLike<number>;

/** Standard uncertainties of y, all above 0; absent where every reading counts the same. */
type Sigma = Numbers | undefined;

function weightAt(sigma: Sigma, i: number): number {
  return sigma === undefined ? 1 : 1 / (sigma[i] as number) ** 2;
}

interface Constrained {
  readonly sigma: Sigma;
  readonly slope: number;
  readonly intercept: number;
  /** What the variance of the free part is divided by. */
  readonly divisor: number;
  readonly free: "slope" | "intercept";
}

function judgedLine(
  x: Numbers,
  y: Numbers,
  { slope, intercept, divisor, free, sigma }: Constrained,
): LineOutcome {
  const n = x.length;
  let [rss, chiSquare, sumX, sumY] = [0, 0, 0, 0];
  for (let i = 0; i < n; i++) {
    const off = (y[i] as number) - intercept - slope * (x[i] as number);
    rss += off * off;
    chiSquare += weightAt(sigma, i) * off * off;
    sumX += x[i] as number;
    sumY += y[i] as number;
  }
  const [meanOfX, meanOfY] = [sumX / n, sumY / n];
  let [xx, yy] = [0, 0];
  for (let i = 0; i < n; i++) {
    xx += ((x[i] as number) - meanOfX) ** 2;
    yy += ((y[i] as number) - meanOfY) ** 2;
  }
  if (!Number.isFinite(rss + xx)) return noLine({ name: "not-finite" });
  const degreesOfFreedom = n - 1;
  const sizeOfX = Math.abs(meanOfX) + Math.sqrt(xx);
  const size = Math.abs(intercept) + Math.abs(meanOfY) + Math.sqrt(yy) + Math.abs(slope) * sizeOfX;
  const known = withoutRounding(rss, n, size);
  const variance = degreesOfFreedom > 0 ? known / degreesOfFreedom : undefined;
  const scatter = sigma === undefined ? variance : 1;
  const error = scatter === undefined ? undefined : Math.sqrt(scatter / divisor);
  const errors: Partial<LineFit> =
    error === undefined
      ? {}
      : {
          ...(sigma === undefined && variance !== undefined
            ? { residualStandardDeviation: Math.sqrt(variance) }
            : judged(chiSquare, degreesOfFreedom)),
          standardErrorOfSlope: free === "slope" ? error : 0,
          standardErrorOfIntercept: free === "intercept" ? error : 0,
          covariance: 0,
        };
  return {
    kind: "line",
    line: {
      slope,
      intercept,
      count: n,
      degreesOfFreedom,
      weighting: sigma === undefined ? "none" : "y",
      converged: true,
      residualSumOfSquares: known,
      meanOfX,
      sumOfSquaresOfX: xx,
      ...errors,
      ...(sigma === undefined && yy > 0 && n > 1 && { rSquared: 1 - rss / yy }),
      findings: [],
    },
  };
}

/**
 * y = m x + c₀ with the intercept c₀ given and exact: m = Σx(y−c₀)/Σx², SE(m)² = s²/Σx², s² = RSS/(n−1).
 * With c₀ = 0 it goes through zero. Source: NIST StRD NoInt1, NoInt2.
 */
export function fitFixedIntercept(
  x: Numbers,
  y: Numbers,
  intercept: number,
  sigma?: Numbers,
): LineOutcome {
  const n = x.length;
  if (n !== y.length) return noLine({ name: "lengths-differ", x: n, y: y.length });
  if (n < 1) return noLine({ name: "too-few-points", count: n });
  let [xx, xy] = [0, 0];
  for (let i = 0; i < n; i++) {
    const weight = weightAt(sigma, i);
    xx += weight * (x[i] as number) ** 2;
    xy += weight * (x[i] as number) * ((y[i] as number) - intercept);
  }
  if (xx === Infinity) return noLine({ name: "bar-of-zero" });
  if (!(xx > 0)) return noLine({ name: "all-x-equal", x: 0 });
  return judgedLine(x, y, { slope: xy / xx, intercept, divisor: xx, free: "slope", sigma });
}

/** y = m₀ x + c with the slope m₀ given and exact: c is the mean of y − m₀x, SE(c) = s/√n, s² = RSS/(n−1). */
export function fitFixedSlope(x: Numbers, y: Numbers, slope: number, sigma?: Numbers): LineOutcome {
  const n = x.length;
  if (n !== y.length) return noLine({ name: "lengths-differ", x: n, y: y.length });
  if (n < 1) return noLine({ name: "too-few-points", count: n });
  const first = (y[0] as number) - slope * (x[0] as number);
  let [weights, sum] = [0, 0];
  for (let i = 0; i < n; i++) {
    const weight = weightAt(sigma, i);
    weights += weight;
    sum += weight * ((y[i] as number) - slope * (x[i] as number) - first);
  }
  if (weights === Infinity) return noLine({ name: "bar-of-zero" });
  const intercept = first + sum / weights;
  return judgedLine(x, y, { slope, intercept, divisor: weights, free: "intercept", sigma });
}

/** The line through a chosen point (x₀, y₀), exact: through zero in coordinates counted from there. */
export function fitThroughPoint(
  x: Numbers,
  y: Numbers,
  point: { readonly x: number; readonly y: number },
  sigma?: Numbers,
): LineOutcome {
  const shifted = fitFixedIntercept(
    Float64Array.from(x, (value) => value - point.x),
    Float64Array.from(y, (value) => value - point.y),
    0,
    sigma,
  );
  if (shifted.kind === "no-line") return shifted;
  const { line } = shifted;
  const error = line.standardErrorOfSlope;
  return {
    kind: "line",
    line: {
      ...line,
      intercept: point.y - line.slope * point.x,
      meanOfX: line.meanOfX + point.x,
      ...(error !== undefined && {
        standardErrorOfIntercept: Math.abs(point.x) * error,
        covariance: -point.x * error * error,
      }),
    },
  };
}
