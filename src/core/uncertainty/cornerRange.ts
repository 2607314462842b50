import type { Evaluation } from "../expression/evaluate";

/** The exact range of a function over the box of its inputs, where it is monotonic in each of them. */
export type CornerRange =
  | { readonly monotonic: true; readonly least: number; readonly greatest: number }
  | { readonly monotonic: false };

const mostInputs = 16;

/**
 * The least and the greatest value of a function over all corners of [x − Δ, x + Δ], each input taken once however
 * often it occurs. Monotonic is judged by the signs of the slopes at the corners.
 * @param at value and slopes at given inputs.
 */
export function cornerRange(
  centre: readonly number[],
  limits: readonly number[],
  at: (inputs: readonly number[]) => Evaluation,
): CornerRange {
  const free = limits.flatMap((limit, index) => (limit > 0 ? [index] : []));
  if (free.length > mostInputs) return { monotonic: false };
  const signs = new Float64Array(centre.length);
  let [least, greatest] = [Infinity, -Infinity];
  for (let corner = 0; corner < 2 ** free.length; corner++) {
    const inputs = [...centre];
    free.forEach((index, bit) => {
      const limit = limits[index] as number;
      inputs[index] = (inputs[index] as number) + ((corner >> bit) & 1 ? limit : -limit);
    });
    const found = at(inputs);
    if (found.kind !== "value") return { monotonic: false };
    for (const index of free) {
      const sign = Math.sign(found.slopes[index] as number);
      if (sign * (signs[index] as number) < 0) return { monotonic: false };
      if (sign !== 0) signs[index] = sign;
    }
    least = Math.min(least, found.value);
    greatest = Math.max(greatest, found.value);
  }
  return { monotonic: true, least, greatest };
}
