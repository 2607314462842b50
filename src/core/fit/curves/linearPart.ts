import { slopesOf } from "./curveModel";
import type { Search } from "./levenbergMarquardt";
import { backSubstituted, orthogonalFactors } from "./orthogonalFactors";

/**
 * Puts the best values of those parameters in which the curve is linear beside given values of the others
 * (Golub & Pereyra 1973: separable least squares).
 * @param linear places of parameters in which the curve is linear, all together.
 * @returns the completed parameters with their Σ w (y − f)², or undefined where there is no curve.
 */
export function withLinearPart(
  { model, x, y, root }: Search,
  linear: readonly number[],
  from: Float64Array,
): { readonly parameters: Float64Array; readonly squares: number } | undefined {
  const parameters = Float64Array.from(from);
  for (const place of linear) parameters[place] = 0;
  const { values, slopes } = slopesOf(model, x, parameters);
  const columns = linear.map((place) =>
    (slopes[place] as Float64Array).map((slope, i) => slope * (root[i] as number)),
  );
  const target = values.map((value, i) => (root[i] as number) * ((y[i] as number) - value));
  const { r, along, beside } = orthogonalFactors(columns, target);
  if (!Number.isFinite(beside)) return undefined;
  const found = backSubstituted(r, along);
  if (!found || !found.every(Number.isFinite)) return undefined;
  linear.forEach((place, j) => (parameters[place] = found[j] as number));
  return { parameters, squares: beside };
}
