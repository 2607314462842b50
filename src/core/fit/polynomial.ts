import type { Finding } from "../finding/finding";
import { inverseOfSquare, backSubstituted, orthogonalFactors } from "./curves/orthogonalFactors";

/** y = c₀ + c₁x + … + c_d x^d by least squares. */
export interface PolynomialFit {
  /** From the constant term up. */
  readonly coefficients: readonly number[];
  /** Of the coefficients among one another; undefined without a degree of freedom to spare. */
  readonly covariance: readonly (readonly number[])[] | undefined;
  readonly count: number;
  readonly degreesOfFreedom: number;
  /** Σ w (y − p(x))², the w all 1 where no ± counts. */
  readonly residualSumOfSquares: number;
}

export type PolynomialOutcome =
  | { readonly kind: "polynomial"; readonly fit: PolynomialFit }
  | { readonly kind: "no-curve"; readonly finding: Finding };

/** A centre and a scale that are exact in binary, so that x − centre and its quotient lose nothing. */
function centring(x: ArrayLike<number>): { centre: number; scale: number } {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < x.length; i++) {
    low = Math.min(low, x[i] as number);
    high = Math.max(high, x[i] as number);
  }
  if (low === high) return { centre: low, scale: 0 };
  const scale = 2 ** Math.ceil(Math.log2((high - low) / 2));
  const grain = scale / 1024;
  return { centre: Math.round((low + high) / 2 / grain) * grain, scale };
}

/** p(t) by Horner's rule with the roundings of every step carried along (Graillat, Langlois & Louvet 2005). */
function preciseValue(coefficients: ArrayLike<number>, t: number): number {
  const split = 134_217_729;
  const halves = (a: number): [number, number] => {
    const c = split * a;
    const high = c - (c - a);
    return [high, a - high];
  };
  const [th, tl] = halves(t);
  let value = coefficients[coefficients.length - 1] as number;
  let error = 0;
  for (let j = coefficients.length - 2; j >= 0; j--) {
    const product = value * t;
    const [vh, vl] = halves(value);
    const lost = vl * tl - (product - vh * th - vl * th - vh * tl);
    const next = product + (coefficients[j] as number);
    const back = next - product;
    const added = product - (next - back) + ((coefficients[j] as number) - back);
    error = error * t + (lost + added);
    value = next;
  }
  return value + error;
}

/** Each costs another look at all points; thousands of them tell the rest. */
const refinementsFor = (count: number) => (count > 5000 ? 1 : 3);

/** Coefficients in t = (x − centre)/scale, mended by their own precise residuals. */
function inCentred(t: Float64Array, y: ArrayLike<number>, degree: number, root: Float64Array) {
  const columns: Float64Array[] = [root];
  for (let j = 1; j <= degree; j++) {
    const before = columns[j - 1] as Float64Array;
    columns.push(before.map((value, i) => value * (t[i] as number)));
  }
  const coefficients = new Float64Array(degree + 1);
  const residual = () =>
    root.map((w, i) => w * ((y[i] as number) - preciseValue(coefficients, t[i] as number)));
  let factors = orthogonalFactors(columns, residual());
  const refinements = refinementsFor(t.length);
  for (let turn = 0; turn <= refinements; turn++) {
    const step = backSubstituted(factors.r, factors.along);
    if (!step) return undefined;
    step.forEach((value, j) => (coefficients[j] = (coefficients[j] as number) + value));
    factors = orthogonalFactors(columns, residual());
  }
  const squares = residual().reduce((sum, value) => sum + value * value, 0);
  return { coefficients, r: factors.r, squares };
}

/** Row k says how c_k is made of the coefficients in t: Σ_j a_j scale^−j C(j, k) (−centre)^(j−k). */
function backToX(degree: number, centre: number, scale: number): number[][] {
  const binomial = (j: number, k: number): number =>
    k === 0 || k === j ? 1 : binomial(j - 1, k - 1) + binomial(j - 1, k);
  return Array.from({ length: degree + 1 }, (_, k) =>
    Array.from({ length: degree + 1 }, (_, j) =>
      j < k ? 0 : scale ** -j * binomial(j, k) * (-centre) ** (j - k),
    ),
  );
}

/**
 * Polynomial least squares by QR on centred, scaled columns, refined twice; checked with NIST StRD (Wampler).
 * @param degree 1 to 6; @param deviations σ of each y, the same length; every point counts alike where they are left out.
 * @returns coefficients in powers of x, or why there are none.
 */
export function fitPolynomial(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  degree: number,
  deviations?: ArrayLike<number>,
): PolynomialOutcome {
  const n = x.length;
  const none = (finding: Finding): PolynomialOutcome => ({ kind: "no-curve", finding });
  if (n !== y.length) return none({ name: "lengths-differ", x: n, y: y.length });
  if (n < degree + 1) return none({ name: "too-few-for-curve", count: n, wanted: degree + 1 });
  const { centre, scale } = centring(x);
  if (!Number.isFinite(scale + centre)) return none({ name: "not-finite" });
  if (scale === 0) return none({ name: "all-x-equal", x: x[0] as number });
  const t = Float64Array.from({ length: n }, (_, i) => ((x[i] as number) - centre) / scale);
  const root = Float64Array.from({ length: n }, (_, i) =>
    deviations ? 1 / (deviations[i] as number) : 1,
  );
  const found = inCentred(t, y, degree, root);
  const inverse = found && inverseOfSquare(found.r);
  if (!found || !inverse) return none({ name: "parameters-inseparable" });
  const back = backToX(degree, centre, scale);
  const combine = (row: readonly number[], of: (j: number) => number) =>
    row.reduce((sum, factor, j) => sum + factor * of(j), 0);
  const degreesOfFreedom = n - degree - 1;
  const variance = deviations ? 1 : found.squares / degreesOfFreedom;
  const covariance = back.map((row) =>
    back.map((other) =>
      combine(row, (j) => variance * combine(other, (k) => inverse[j]?.[k] ?? 0)),
    ),
  );
  return {
    kind: "polynomial",
    fit: {
      coefficients: back.map((row) => combine(row, (j) => found.coefficients[j] as number)),
      covariance: degreesOfFreedom > 0 || deviations ? covariance : undefined,
      count: n,
      degreesOfFreedom,
      residualSumOfSquares: found.squares,
    },
  };
}
