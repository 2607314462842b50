import type { Hold } from "./heldRange";
import type { LineFit } from "./lineFit";

/** How a point moves, off the line, with each reading that it is made from: for one ± of it. */
export type PointErrors = ReadonlyMap<string, number>;

/** What is free of a line: the columns of its design matrix. */
function design(x: ArrayLike<number>, hold: Hold | undefined): readonly Float64Array[] {
  const of = (value: (x: number) => number) => Float64Array.from(x, value);
  const mean = Array.from(x).reduce((sum, one) => sum + one, 0) / x.length;
  if (!hold) return [of((one) => one - mean), of(() => 1)];
  return hold.kind === "point" ? [of((one) => one - hold.x)] : [of(() => 1)];
}

function inverse(matrix: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const [first = [], second = []] = matrix;
  const [a = 0, b = 0, c = 0, d = 0] = [first[0], first[1], second[0], second[1]];
  if (matrix.length === 1) return [[1 / a]];
  const determinant = a * d - b * c;
  return [
    [d / determinant, -b / determinant],
    [-c / determinant, a / determinant],
  ];
}

/** Covariances of the free numbers and what χ² is expected to be, from the covariances of the points. */
interface Spread {
  readonly covariance: readonly (readonly number[])[];
  readonly expectedChiSquare: number;
}

/** uᵀ V v for V = S Sᵀ, S holding the errors of each point along the readings. */
function throughReadings(errors: readonly PointErrors[]) {
  const places = new Map<string, number>();
  for (const point of errors) {
    for (const key of point.keys()) if (!places.has(key)) places.set(key, places.size);
  }
  const sums = (u: Float64Array) => {
    const all = new Float64Array(places.size);
    errors.forEach((point, i) => {
      for (const [key, size] of point) {
        const at = places.get(key) as number;
        all[at] = (all[at] as number) + (u[i] as number) * size;
      }
    });
    return all;
  };
  return (u: Float64Array, v: Float64Array) => {
    const [a, b] = [sums(u), sums(v)];
    return a.reduce((sum, one, i) => sum + one * (b[i] as number), 0);
  };
}

function spreadOf(
  columns: readonly Float64Array[],
  weights: Float64Array,
  variances: Float64Array,
  form: (u: Float64Array, v: Float64Array) => number,
): Spread {
  const weighted = columns.map((column) => column.map((one, i) => one * (weights[i] as number)));
  const normal = weighted.map((u) =>
    columns.map((v) => u.reduce((sum, one, i) => sum + one * (v[i] as number), 0)),
  );
  const back = inverse(normal);
  const middle = weighted.map((u) => weighted.map((v) => form(u, v)));
  const times = (a: readonly (readonly number[])[], b: readonly (readonly number[])[]) =>
    a.map((row) => b.map((_, j) => row.reduce((sum, one, k) => sum + one * (b[k]?.[j] ?? 0), 0)));
  const whole = weights.reduce((sum, weight, i) => sum + weight * (variances[i] as number), 0);
  const fitted = times(back, middle).reduce((sum, row, i) => sum + (row[i] as number), 0);
  return { covariance: times(times(back, middle), back), expectedChiSquare: whole - fitted };
}

/** By how much the standard errors of a line change, and how slope and height are tied, where points share readings. */
export interface ErrorFactors {
  /** For each free number of the line, in the order of `design`. */
  readonly factors: readonly number[];
  /** Correlation of slope and height at the mean of x. */
  readonly correlation: number;
}

/**
 * The true covariance (XᵀWX)⁻¹XᵀW V WX(XᵀWX)⁻¹ of a line through points that share readings, beside that of points which
 * scatter as much, each by itself (V with nothing off its diagonal). Where the scatter sets the scale, χ² is expected to
 * be tr(W V) − tr((XᵀWX)⁻¹XᵀW V W X) in each case. Source: calculation § 4; Seber & Lee, Linear Regression Analysis, § 3.9.
 * @param alone what each point would err by if nothing of it were shared, as a variance.
 */
export function sharedErrors(
  x: ArrayLike<number>,
  weights: Float64Array,
  errors: readonly PointErrors[],
  alone: Float64Array,
  hold: Hold | undefined,
  byScatter: boolean,
): ErrorFactors | undefined {
  const columns = design(x, hold);
  const own = Float64Array.from(errors, (point) =>
    [...point.values()].reduce((sum, size) => sum + size * size, 0),
  );
  const flat = (u: Float64Array, v: Float64Array) =>
    u.reduce((sum, one, i) => sum + one * (v[i] as number) * (alone[i] as number), 0);
  const shared = spreadOf(columns, weights, own, throughReadings(errors));
  const apart = spreadOf(columns, weights, alone, flat);
  const scale = byScatter ? apart.expectedChiSquare / shared.expectedChiSquare : 1;
  const factors = columns.map((_, i) =>
    Math.sqrt(((shared.covariance[i]?.[i] ?? 0) / (apart.covariance[i]?.[i] ?? 0)) * scale),
  );
  if (factors.some((factor) => !Number.isFinite(factor))) return undefined;
  const [m = 0, both = 0, c = 0] = [
    ...[shared.covariance[0]?.[0], shared.covariance[0]?.[1], shared.covariance[1]?.[1]],
  ];
  return { factors, correlation: m > 0 && c > 0 ? both / Math.sqrt(m * c) : 0 };
}

/** A line with its standard errors changed for readings that its points share. */
export function withErrorFactors(
  line: LineFit,
  { factors, correlation }: ErrorFactors,
  hold: Hold | undefined,
): Pick<LineFit, "standardErrorOfSlope" | "standardErrorOfIntercept" | "covariance"> {
  const { standardErrorOfSlope: m, standardErrorOfIntercept: c, covariance, meanOfX } = line;
  const [first = 1, second = 1] = factors;
  if (m === undefined || c === undefined) return {};
  if (hold?.kind === "slope") return { standardErrorOfIntercept: c * first, covariance };
  const slope = m * first;
  if (hold) {
    return {
      standardErrorOfSlope: slope,
      standardErrorOfIntercept: c * first,
      covariance: (covariance ?? 0) * first * first,
    };
  }
  const ofHeight = Math.max(0, c * c + 2 * meanOfX * (covariance ?? 0) + (meanOfX * m) ** 2);
  const height = Math.sqrt(ofHeight) * second;
  const tied = correlation * slope * height;
  return {
    standardErrorOfSlope: slope,
    standardErrorOfIntercept: Math.sqrt(
      Math.max(0, height * height - 2 * meanOfX * tied + (meanOfX * slope) ** 2),
    ),
    covariance: tied - meanOfX * slope * slope,
  };
}
