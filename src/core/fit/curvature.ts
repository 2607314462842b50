import { probabilityOfLargerT } from "../statistics/studentT";

/** Whether a parabola follows the points better than the line does. */
export interface Curvature {
  /** The coefficient of x² beside the line, in unit of y per unit of x squared; above 0 the points bend upwards. */
  readonly coefficient: number;
  readonly standardError: number;
  /** The probability of a larger |coefficient|, were the points straight. */
  readonly probability: number;
}

const at = (of: ArrayLike<number>, i: number) => of[i] as number;

/** Values less their weighted mean; less the first one before that, so that large ones lose no digits. */
function centred(values: ArrayLike<number>, weights: Float64Array, whole: number): Float64Array {
  const first = at(values, 0);
  let sum = 0;
  for (let i = 0; i < weights.length; i++) sum += at(weights, i) * (at(values, i) - first);
  const mean = sum / whole;
  return weights.map((_, i) => at(values, i) - first - mean);
}

/**
 * The test of a quadratic term: with u = x − x̄ and q = u² − (Σwu³/Σwu²)u − Σwu²/Σw, orthogonal to the line,
 * c = Σwqy/Σwq² and SE(c)² = (RSS − c²Σwq²)/((n − 3)Σwq²). Source: Draper & Smith, Applied Regression Analysis, § 22.
 * @param weights 1/σ² of each point; all alike where they are left out.
 * @returns undefined for fewer than four points, fewer than three different x, or points that leave no scatter.
 */
export function curvatureOf(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  weights?: ArrayLike<number>,
): Curvature | undefined {
  const n = x.length;
  if (n < 4) return undefined;
  const w = weights ? Float64Array.from(weights) : new Float64Array(n).fill(1);
  const whole = w.reduce((sum, one) => sum + one, 0);
  const [u, v] = [centred(x, w, whole), centred(y, w, whole)];
  let [uu, uv, cube, fourth] = [0, 0, 0, 0];
  for (let i = 0; i < n; i++) {
    const [wi, ui] = [at(w, i), at(u, i)];
    uu += wi * ui * ui;
    uv += wi * ui * at(v, i);
    cube += wi * ui * ui * ui;
    fourth += wi * ui * ui * ui * ui;
  }
  if (!(uu > 0)) return undefined;
  const q = u.map((ui) => ui * ui - (cube / uu) * ui - uu / whole);
  let [qq, qv] = [0, 0];
  for (let i = 0; i < n; i++) {
    qq += at(w, i) * at(q, i) ** 2;
    qv += at(w, i) * at(q, i) * at(v, i);
  }
  if (!(qq > 1e-20 * fourth)) return undefined;
  const [coefficient, slope] = [qv / qq, uv / uu];
  let left = 0;
  for (let i = 0; i < n; i++) {
    left += at(w, i) * (at(v, i) - slope * at(u, i) - coefficient * at(q, i)) ** 2;
  }
  const standardError = Math.sqrt(left / ((n - 3) * qq));
  if (!(standardError > 1e-12 * Math.abs(coefficient))) return undefined;
  const probability = probabilityOfLargerT(coefficient / standardError, n - 3);
  return { coefficient, standardError, probability };
}
