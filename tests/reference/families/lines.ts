import { fitFixedIntercept, fitFixedSlope } from "@/core/fit/constrainedLine";
import type { LineFit, LineOutcome } from "@/core/fit/lineFit";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { crossingOf, xAtReadings, xAtY, yAtX } from "@/core/fit/readOff";
import { fitWeightedLine } from "@/core/fit/weightedLine";
import { fitYorkLine } from "@/core/fit/yorkLine";
import { studentTFactor } from "@/core/statistics/studentT";
import { type Family, refused } from "../family";

interface Points {
  readonly x: number[];
  readonly y: number[];
}

const orNull = (value: number | undefined) => value ?? null;

function constrained(outcome: LineOutcome, free: "slope" | "intercept", { y }: Points): unknown {
  if (outcome.kind === "no-line") return refused;
  const { line } = outcome;
  const error = free === "slope" ? line.standardErrorOfSlope : line.standardErrorOfIntercept;
  const t = line.degreesOfFreedom > 0 ? studentTFactor(0.95, line.degreesOfFreedom) : undefined;
  const half = t === undefined || error === undefined ? undefined : t * error;
  return {
    n: line.count,
    dof: line.degreesOfFreedom,
    rss: line.residualSumOfSquares,
    slope: line.slope,
    intercept: line.intercept,
    [`se_${free}`]: orNull(error),
    residual_sd: orNull(line.residualStandardDeviation),
    t95: t,
    ci95: half === undefined ? null : [line[free] - half, line[free] + half],
    r2_centred: line.rSquared,
    r2_uncentred: 1 - line.residualSumOfSquares / y.reduce((sum, value) => sum + value * value, 0),
  };
}

export const lineThroughOrigin: Family = (input) => {
  const points = input as unknown as Points;
  return constrained(fitFixedIntercept(points.x, points.y, 0), "slope", points);
};

export const lineFixedIntercept: Family = (input) => {
  const points = input as unknown as Points & { intercept: number };
  return constrained(fitFixedIntercept(points.x, points.y, points.intercept), "slope", points);
};

export const lineFixedSlope: Family = (input) => {
  const points = input as unknown as Points & { slope: number };
  return constrained(fitFixedSlope(points.x, points.y, points.slope), "intercept", points);
};

function errors(line: LineFit, factor = 1) {
  return {
    se_slope: line.standardErrorOfSlope! * factor,
    se_intercept: line.standardErrorOfIntercept! * factor,
    cov: line.covariance! * factor * factor,
  };
}

/** Weighted least squares, with the ± taken as absolute and as relative weights only. */
export const lineWls: Family = (input) => {
  const { x, y, sigma_y } = input as unknown as Points & { sigma_y: number[] };
  const outcome = fitWeightedLine(x, y, sigma_y);
  if (outcome.kind === "no-line") return refused;
  const { line } = outcome;
  const reduced = line.reducedChiSquare;
  return {
    n: line.count,
    dof: line.degreesOfFreedom,
    slope: line.slope,
    intercept: line.intercept,
    chi2: line.chiSquare,
    reduced_chi2: orNull(reduced),
    p_value: orNull(line.probability),
    absolute: errors(line),
    scaled: reduced === undefined ? null : errors(line, Math.sqrt(reduced)),
  };
};

function weightedAt({ x, y }: Points, sx: number[], sy: number[], slope: number): LineFit {
  const sigma = sy.map((value, i) => Math.hypot(value, slope * sx[i]!));
  const outcome = fitWeightedLine(x, y, sigma);
  if (outcome.kind === "no-line") throw new Error(outcome.finding.name);
  return outcome.line;
}

function shownWeighted(line: LineFit) {
  const { se_slope, se_intercept } = errors(line);
  return {
    slope: line.slope,
    intercept: line.intercept,
    se_slope,
    se_intercept,
    chi2: line.chiSquare,
  };
}

/** Both bars: York's exact minimum, beside the fixed point of effective variances. */
export const lineXy: Family = (input) => {
  const { sigma_x, sigma_y, ...points } = input as unknown as Points & {
    sigma_x: number[];
    sigma_y: number[];
  };
  const outcome = fitYorkLine(points.x, points.y, sigma_x, sigma_y);
  const plain = fitOrdinaryLine(points.x, points.y);
  if (outcome.kind === "no-line" || plain.kind === "no-line") return refused;
  const { line } = outcome;
  const onePass = weightedAt(points, sigma_x, sigma_y, plain.line.slope);
  let effective = onePass;
  for (let turn = 0; turn < 500; turn++) {
    effective = weightedAt(points, sigma_x, sigma_y, effective.slope);
  }
  const scaled = errors(line, Math.sqrt(line.reducedChiSquare!));
  return {
    n: line.count,
    dof: line.degreesOfFreedom,
    york: {
      slope: line.slope,
      intercept: line.intercept,
      ...errors(line),
      S: line.chiSquare,
      reduced_S: line.reducedChiSquare,
      p_value: line.probability,
      scaled_se_slope: scaled.se_slope,
      scaled_se_intercept: scaled.se_intercept,
    },
    effective_variance: shownWeighted(effective),
    one_pass: shownWeighted(onePass),
  };
};

interface Bundle extends Points {
  readonly sigma_y?: number[];
}

function fitted({ x, y, sigma_y }: Bundle): LineFit {
  const outcome = sigma_y ? fitWeightedLine(x, y, sigma_y) : fitOrdinaryLine(x, y);
  if (outcome.kind === "no-line") throw new Error(outcome.finding.name);
  return outcome.line;
}

export const intersection: Family = (input) => {
  const { line1, line2 } = input as unknown as { line1: Bundle; line2: Bundle };
  const [a, b] = [fitted(line1), fitted(line2)];
  const found = crossingOf(a, b);
  if (found.kind === "none") return refused;
  const { value: x } = found.x;
  const separate = [a, b].map(
    (line) => line.standardErrorOfIntercept! ** 2 + (x * line.standardErrorOfSlope!) ** 2,
  );
  const shown = ({ slope, intercept }: LineFit) => ({ slope, intercept });
  return {
    line1: shown(a),
    line2: shown(b),
    x_star: x,
    y_star: found.y.value,
    u_x: found.x.uncertainty,
    u_y: found.y.uncertainty,
    u_x_without_covariance: Math.sqrt(separate[0]! + separate[1]!) / Math.abs(a.slope - b.slope),
  };
};

interface Calibration extends Points {
  readonly y0: number;
  readonly k: number;
  readonly u_y0: number;
  readonly x_forward: number;
  readonly u_x_forward: number;
}

export const prediction: Family = (input) => {
  const given = input as unknown as Calibration;
  const line = fitted(given);
  const inverse = xAtReadings(line, given.y0, given.k)!;
  const forward = yAtX(line, given.x_forward);
  const s = line.residualStandardDeviation!;
  const crossing = xAtY(line, 0)!;
  return {
    slope: line.slope,
    intercept: line.intercept,
    residual_sd: s,
    inverse: {
      x0: inverse.value,
      u_x0: inverse.uncertainty,
      ci95: studentTFactor(0.95, line.degreesOfFreedom) * inverse.uncertainty!,
      u_x0_known: xAtY(line, given.y0, given.u_y0)!.uncertainty,
    },
    forward: {
      y: forward.value,
      u_line: forward.uncertainty,
      u_new: Math.hypot(forward.uncertainty!, s),
      u_line_with_ux: yAtX(line, given.x_forward, given.u_x_forward).uncertainty,
    },
    x_intercept: { value: crossing.value, u: crossing.uncertainty },
  };
};
