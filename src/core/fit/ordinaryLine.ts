import type { Finding } from "../finding/finding";
import type { LineFit, LineOutcome } from "./lineFit";

interface CentredSums {
  readonly meanOfX: number;
  readonly meanOfY: number;
  readonly xx: number;
  readonly xy: number;
  readonly yy: number;
}

interface Centre {
  readonly x: number;
  readonly y: number;
}

const sampled = 64;

/**
 * A place near the mean: the mean itself of up to 64 points, of more points that of an even sample. As a mean
 * of data it lies within √n standard deviations, so centring by it costs no more than n roundings; equal
 * values give exactly that value.
 */
function centreOf(x: ArrayLike<number>, y: ArrayLike<number>): Centre {
  const stride = Math.ceil(x.length / sampled);
  const x0 = x[0] as number;
  const y0 = y[0] as number;
  let sumX = 0;
  let sumY = 0;
  let count = 0;
  for (let i = 0; i < x.length; i += stride) {
    sumX += (x[i] as number) - x0;
    sumY += (y[i] as number) - y0;
    count += 1;
  }
  return { x: x0 + sumX / count, y: y0 + sumY / count };
}

/**
 * Products of the distances to a centre, corrected by how far that lies from the means
 * (Chan, Golub & LeVeque, Am. Stat. 37 (1983) 242): x near 10⁶ with a spread of 1 loses no digit.
 */
function centredSums(x: ArrayLike<number>, y: ArrayLike<number>, near: Centre): CentredSums {
  const n = x.length;
  const { x: nearX, y: nearY } = near;
  let restX = 0;
  let restY = 0;
  let xx = 0;
  let xy = 0;
  let yy = 0;
  for (let i = 0; i < n; i++) {
    const dx = (x[i] as number) - nearX;
    const dy = (y[i] as number) - nearY;
    restX += dx;
    restY += dy;
    xx += dx * dx;
    xy += dx * dy;
    yy += dy * dy;
  }
  return {
    meanOfX: nearX + restX / n,
    meanOfY: nearY + restY / n,
    xx: xx - (restX * restX) / n,
    xy: xy - (restX * restY) / n,
    yy: yy - (restY * restY) / n,
  };
}

/** Σ (yᵢ − m xᵢ − c)², summed from the residuals themselves: yy − m·xy would cancel. */
function residualSumOfSquares(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  slope: number,
  { meanOfX, meanOfY }: CentredSums,
): number {
  const n = x.length;
  const even = n - (n % 2);
  let first = 0;
  let second = 0;
  for (let i = 0; i < even; i += 2) {
    const a = (y[i] as number) - meanOfY - slope * ((x[i] as number) - meanOfX);
    const b = (y[i + 1] as number) - meanOfY - slope * ((x[i + 1] as number) - meanOfX);
    first += a * a;
    second += b * b;
  }
  if (even === n) return first + second;
  const last = (y[even] as number) - meanOfY - slope * ((x[even] as number) - meanOfX);
  return first + second + last * last;
}

/** How many units in the last place of the data residuals may be, to be rounding of the arithmetic alone. */
const roundingUnits = 8;

/** A sum of squared residuals; 0 where they are no more than rounding of numbers of this size, so that exact points state no ± of 10⁻⁷. */
export function withoutRounding(rss: number, count: number, size: number): number {
  return Math.sqrt(rss / count) <= roundingUnits * Number.EPSILON * size ? 0 : rss;
}

/** About how large the numbers are of which a residual is the difference. */
function sizeOf({ meanOfX, meanOfY, xx, yy }: CentredSums, slope: number): number {
  return Math.abs(meanOfY) + Math.sqrt(yy) + Math.abs(slope) * (Math.abs(meanOfX) + Math.sqrt(xx));
}

function spreadOfLine(
  rss: number,
  n: number,
  sums: CentredSums,
): Partial<LineFit> & Pick<LineFit, "findings"> {
  if (n < 3) return { findings: [{ name: "two-points-no-standard-error" }] };
  const variance = rss / (n - 2);
  return {
    residualStandardDeviation: Math.sqrt(variance),
    standardErrorOfSlope: Math.sqrt(variance / sums.xx),
    standardErrorOfIntercept: Math.sqrt(variance * (1 / n + sums.meanOfX ** 2 / sums.xx)),
    covariance: (-variance * sums.meanOfX) / sums.xx,
    findings: [],
  };
}

function goodness(rss: number, n: number, yy: number): Partial<LineFit> {
  if (yy === 0) return {};
  const rSquared = 1 - rss / yy;
  if (n < 3) return { rSquared };
  return { rSquared, adjustedRSquared: 1 - ((1 - rSquared) * (n - 1)) / (n - 2) };
}

function noLine(finding: Finding): LineOutcome {
  return { kind: "no-line", finding };
}

/**
 * Ordinary least squares, no error bar counted.
 *
 *   m = Σ(x−x̄)(y−ȳ) / Σ(x−x̄)²      c = ȳ − m x̄
 *   s² = RSS/(n−2)   SE(m)² = s²/Σ(x−x̄)²   SE(c)² = s² (1/n + x̄²/Σ(x−x̄)²)   cov(m,c) = −s² x̄/Σ(x−x̄)²
 *
 * Source: Draper & Smith, Applied Regression Analysis, ch. 1; checked with NIST StRD (Norris).
 * @param x values along the horizontal axis, any unit; @param y as many values, any unit.
 * @returns the line, or the finding that forbids one: fewer than two points, one x only, unlike lengths, a value not finite.
 */
export function fitOrdinaryLine(x: ArrayLike<number>, y: ArrayLike<number>): LineOutcome {
  const n = x.length;
  if (n !== y.length) return noLine({ name: "lengths-differ", x: n, y: y.length });
  if (n < 2) return noLine({ name: "too-few-points", count: n });
  const sums = centredSums(x, y, centreOf(x, y));
  if (!Number.isFinite(sums.xx + sums.yy)) return noLine({ name: "not-finite" });
  if (sums.xx === 0) return noLine({ name: "all-x-equal", x: sums.meanOfX });
  const slope = sums.xy / sums.xx;
  const found = n === 2 ? 0 : residualSumOfSquares(x, y, slope, sums);
  const rss = withoutRounding(found, n, sizeOf(sums, slope));
  return {
    kind: "line",
    line: {
      slope,
      intercept: sums.meanOfY - slope * sums.meanOfX,
      count: n,
      degreesOfFreedom: n - 2,
      weighting: "none",
      converged: true,
      residualSumOfSquares: rss,
      meanOfX: sums.meanOfX,
      sumOfSquaresOfX: sums.xx,
      ...goodness(rss, n, sums.yy),
      ...spreadOfLine(rss, n, sums),
    },
  };
}
