/**
 * Critical values of Dixon's r₁₀ at 95 %, two-sided, for n = 3 … 20.
 * Source: D. B. Rorabacher, Anal. Chem. 63 (1991) 139, table 1.
 */
const critical = [
  ...[0.97, 0.829, 0.71, 0.625, 0.568, 0.526, 0.493, 0.466, 0.444],
  ...[0.426, 0.41, 0.396, 0.384, 0.374, 0.365, 0.356, 0.349, 0.342],
] as const;

/** A value that stands apart: its index, how far from its nearest fellow, and that gap over the whole range. */
export interface StandingApart {
  readonly index: number;
  readonly gap: number;
  readonly ratio: number;
}

/**
 * The value that stands apart from the others by Dixon's test: gap to its nearest fellow over the range, against the
 * critical value for n at 95 %. Made for small n (3 to 20); a hint to look again, never a reason to reject.
 * @returns undefined where none stands apart, or n is outside 3 … 20.
 */
export function farthestByDixon(values: readonly number[]): StandingApart | undefined {
  const limit = critical[values.length - 3];
  if (limit === undefined) return undefined;
  const sorted = values.map((value, index) => ({ value, index })).sort((a, b) => a.value - b.value);
  const at = (place: number) => sorted.at(place) as { value: number; index: number };
  const range = at(-1).value - at(0).value;
  if (range === 0) return undefined;
  const below = at(1).value - at(0).value;
  const above = at(-1).value - at(-2).value;
  const gap = Math.max(below, above);
  if (gap / range <= limit) return undefined;
  return { index: (below > above ? at(0) : at(-1)).index, gap, ratio: gap / range };
}
