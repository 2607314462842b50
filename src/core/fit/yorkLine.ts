import type { LineOutcome } from "./lineFit";
import { fitOrdinaryLine } from "./ordinaryLine";
import { judged } from "./weightedLine";

type Numbers = ArrayLike<number>;

interface Points {
  readonly x: Numbers;
  readonly y: Numbers;
  readonly sx: Numbers;
  readonly sy: Numbers;
}

interface Turn {
  readonly slope: number;
  readonly meanX: number;
  readonly meanY: number;
}

/** One improvement of the slope by York's equation 13b; W = 1/(σy² + m²σx²), β = W(U σy² + m V σx²). */
function turned({ x, y, sx, sy }: Points, slope: number): Turn {
  const n = x.length;
  const [x0, y0] = [x[0] as number, y[0] as number];
  let [sum, sumX, sumY] = [0, 0, 0];
  const weights = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const weight = 1 / ((sy[i] as number) ** 2 + (slope * (sx[i] as number)) ** 2);
    weights[i] = weight;
    sum += weight;
    sumX += weight * ((x[i] as number) - x0);
    sumY += weight * ((y[i] as number) - y0);
  }
  const [meanX, meanY] = [x0 + sumX / sum, y0 + sumY / sum];
  let [up, down] = [0, 0];
  for (let i = 0; i < n; i++) {
    const weight = weights[i] as number;
    const [u, v] = [(x[i] as number) - meanX, (y[i] as number) - meanY];
    const beta = weight * (u * (sy[i] as number) ** 2 + slope * v * (sx[i] as number) ** 2);
    up += weight * beta * v;
    down += weight * beta * u;
  }
  return { slope: up / down, meanX, meanY };
}

/** Σ W (y − c − m x)² at a slope, with the best intercept for it. */
function misfit(points: Points, slope: number): number {
  const { meanX, meanY } = turned(points, slope);
  let sum = 0;
  for (let i = 0; i < points.x.length; i++) {
    const off = (points.y[i] as number) - meanY - slope * ((points.x[i] as number) - meanX);
    const variance = (points.sy[i] as number) ** 2 + (slope * (points.sx[i] as number)) ** 2;
    sum += (off * off) / variance;
  }
  return sum;
}

const mostTurns = 200;
const fine = 1e-15;

function settled(points: Points, start: number): { slope: number; converged: boolean } {
  let slope = start;
  for (let turn = 0; turn < mostTurns; turn++) {
    const next = turned(points, slope).slope;
    if (!Number.isFinite(next)) return { slope, converged: false };
    const change = Math.abs(next - slope);
    slope = next;
    if (change <= fine * Math.abs(next)) return { slope, converged: true };
  }
  const last = turned(points, slope).slope;
  return { slope, converged: Math.abs(last - slope) <= 1e-10 * Math.abs(slope) };
}

/** The slope from fitting x against y, which is the better start where x is the less sure. */
function inverseStart({ x, y }: Points): number | undefined {
  const outcome = fitOrdinaryLine(y, x);
  if (outcome.kind !== "line" || outcome.line.slope === 0) return undefined;
  return 1 / outcome.line.slope;
}

/** Standard errors from the adjusted points x = x̄ + β (York 2004, section III). */
function errorsOf(points: Points, { slope, meanX, meanY }: Turn) {
  const { x, y, sx, sy } = points;
  const n = x.length;
  const adjusted = new Float64Array(n);
  const weights = new Float64Array(n);
  let [sum, sumOfAdjusted] = [0, 0];
  for (let i = 0; i < n; i++) {
    const weight = 1 / ((sy[i] as number) ** 2 + (slope * (sx[i] as number)) ** 2);
    const [u, v] = [(x[i] as number) - meanX, (y[i] as number) - meanY];
    const beta = weight * (u * (sy[i] as number) ** 2 + slope * v * (sx[i] as number) ** 2);
    weights[i] = weight;
    adjusted[i] = beta;
    sum += weight;
    sumOfAdjusted += weight * beta;
  }
  const middle = sumOfAdjusted / sum;
  let spread = 0;
  for (let i = 0; i < n; i++) {
    spread += (weights[i] as number) * ((adjusted[i] as number) - middle) ** 2;
  }
  const meanOfX = meanX + middle;
  return {
    meanOfX,
    sumOfSquaresOfX: spread,
    standardErrorOfSlope: Math.sqrt(1 / spread),
    standardErrorOfIntercept: Math.sqrt(1 / sum + (meanOfX * meanOfX) / spread),
    covariance: -meanOfX / spread,
  };
}

function residuals({ x, y }: Points, slope: number, intercept: number): number {
  let sum = 0;
  for (let i = 0; i < x.length; i++) {
    sum += ((y[i] as number) - slope * (x[i] as number) - intercept) ** 2;
  }
  return sum;
}

/**
 * The straight line through points with standard uncertainties in x and in y (correlation 0): the exact minimum of
 * Σ (y − c − m x)²/(σy² + m²σx²), the σ taken as absolute.
 * Source: York et al., Am. J. Phys. 72 (2004) 367, eqs. 13 and section III.
 * @param sx, sy standard uncertainties, none below 0, not both 0 at one point.
 */
export function fitYorkLine(x: Numbers, y: Numbers, sx: Numbers, sy: Numbers): LineOutcome {
  const start = fitOrdinaryLine(x, y);
  if (start.kind === "no-line") return start;
  const points = { x, y, sx, sy };
  for (let i = 0; i < x.length; i++) {
    if (!((sx[i] as number) > 0) && !((sy[i] as number) > 0)) {
      return { kind: "no-line", finding: { name: "bar-of-zero" } };
    }
  }
  const starts = [start.line.slope, inverseStart(points)].filter((slope) => slope !== undefined);
  const found = starts
    .map((slope) => settled(points, slope))
    .map((one) => ({ ...one, misfit: misfit(points, one.slope) }))
    .filter((one) => Number.isFinite(one.misfit))
    .sort((a, b) => a.misfit - b.misfit);
  const best = found[0];
  if (!best) return { kind: "no-line", finding: { name: "not-finite" } };
  const turn = { ...turned(points, best.slope), slope: best.slope };
  const intercept = turn.meanY - best.slope * turn.meanX;
  const degreesOfFreedom = x.length - 2;
  return {
    kind: "line",
    line: {
      slope: best.slope,
      intercept,
      count: x.length,
      degreesOfFreedom,
      ...errorsOf(points, turn),
      weighting: "xy",
      converged: best.converged,
      residualSumOfSquares: residuals(points, best.slope, intercept),
      ...judged(best.misfit, degreesOfFreedom),
      findings: best.converged ? [] : [{ name: "not-converged" }],
    },
  };
}
