/** How repeats of one reading scatter. What is not defined for one repeat is undefined, never NaN. */
export interface Spread {
  readonly count: number;
  readonly mean: number;
  readonly median: number;
  /** (max − min)/2; 0 for one repeat. */
  readonly halfRange: number;
  /** s = √(Σ(x − x̄)²/(n − 1)). */
  readonly sampleStandardDeviation?: number;
  /** s/√n, the standard error of the mean. */
  readonly standardError?: number;
}

function meanOf(values: readonly number[]): number {
  const first = values[0] as number;
  let sum = 0;
  for (const value of values) sum += value - first;
  return first + sum / values.length;
}

function medianOf(sorted: readonly number[]): number {
  const middle = sorted.length >> 1;
  const upper = sorted[middle] as number;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] as number) + upper) / 2;
}

/** Σ(x − x̄)², corrected by the rounding that the mean carries (Chan, Golub & LeVeque 1983). */
function sumOfSquares(values: readonly number[], mean: number): number {
  let rest = 0;
  let squares = 0;
  for (const value of values) {
    const distance = value - mean;
    rest += distance;
    squares += distance * distance;
  }
  return Math.max(0, squares - (rest * rest) / values.length);
}

/**
 * Mean and spread of repeats, all in the unit of the readings; none is rejected.
 * Source: GUM 4.2.1 to 4.2.3.
 * @returns undefined without repeats.
 */
export function spreadOf(repeats: readonly number[]): Spread | undefined {
  if (repeats.length === 0) return undefined;
  const [only] = repeats as readonly [number];
  if (repeats.length === 1) return { count: 1, mean: only, median: only, halfRange: 0 };
  const sorted = [...repeats].sort((a, b) => a - b);
  const count = sorted.length;
  const mean = meanOf(sorted);
  const halfRange = ((sorted[count - 1] as number) - (sorted[0] as number)) / 2;
  const sampleStandardDeviation = Math.sqrt(sumOfSquares(sorted, mean) / (count - 1));
  return {
    count,
    mean,
    median: medianOf(sorted),
    halfRange,
    sampleStandardDeviation,
    standardError: sampleStandardDeviation / Math.sqrt(count),
  };
}
