import { probabilityOfLargerT } from "../statistics/studentT";

/** Whether a parabola follows the points better than the line does. */
export interface Curvature {
  /** The coefficient of x² beside the line, in unit of y per unit of x squared; above 0 the points bend upwards. */
  readonly coefficient: number;
  readonly standardError: number;
  /** The probability of a larger |coefficient|, were the points straight. */
  readonly probability: number;
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
  const w = (i: number) => (weights ? (weights[i] as number) : 1);
  const sum = (of: (i: number) => number) => {
    let total = 0;
    for (let i = 0; i < n; i++) total += w(i) * of(i);
    return total;
  };
  const whole = sum(() => 1);
  const [x0, y0] = [x[0] as number, y[0] as number];
  const meanX = sum((i) => (x[i] as number) - x0) / whole;
  const meanY = sum((i) => (y[i] as number) - y0) / whole;
  const u = (i: number) => (x[i] as number) - x0 - meanX;
  const v = (i: number) => (y[i] as number) - y0 - meanY;
  const [uu, uv, cube] = [sum((i) => u(i) ** 2), sum((i) => u(i) * v(i)), sum((i) => u(i) ** 3)];
  if (!(uu > 0)) return undefined;
  const q = (i: number) => u(i) ** 2 - (cube / uu) * u(i) - uu / whole;
  const qq = sum((i) => q(i) ** 2);
  if (!(qq > 1e-20 * sum((i) => u(i) ** 4))) return undefined;
  const coefficient = sum((i) => q(i) * v(i)) / qq;
  const slope = uv / uu;
  const left = sum((i) => (v(i) - slope * u(i) - coefficient * q(i)) ** 2);
  const standardError = Math.sqrt(left / ((n - 3) * qq));
  if (!(standardError > 1e-12 * Math.abs(coefficient))) return undefined;
  const probability = probabilityOfLargerT(coefficient / standardError, n - 3);
  return { coefficient, standardError, probability };
}
