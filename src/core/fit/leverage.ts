/**
 * How much each point holds the line: hᵢ = wᵢ (1/Σw + (xᵢ − x̄)²/Σw(x − x̄)²), between 0 and 1, together 2.
 * Source: Draper & Smith, Applied Regression Analysis, § 8.1.
 * @param weights 1/σ² of each point; all alike where they are left out.
 * @returns undefined for fewer than two points or one x only.
 */
export function leverages(
  x: ArrayLike<number>,
  weights?: ArrayLike<number>,
): Float64Array | undefined {
  const n = x.length;
  const w = (i: number) => (weights ? (weights[i] as number) : 1);
  if (n < 2) return undefined;
  const x0 = x[0] as number;
  let [sum, sumX] = [0, 0];
  for (let i = 0; i < n; i++) {
    sum += w(i);
    sumX += w(i) * ((x[i] as number) - x0);
  }
  const u = (i: number) => (x[i] as number) - x0 - sumX / sum;
  let squares = 0;
  for (let i = 0; i < n; i++) squares += w(i) * u(i) ** 2;
  if (!(squares > 0)) return undefined;
  const held = new Float64Array(n);
  for (let i = 0; i < n; i++) held[i] = w(i) * (1 / sum + u(i) ** 2 / squares);
  return held;
}
