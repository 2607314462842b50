import { probabilityOfLargerChiSquare } from "./chiSquare";

/** A value with its ±, in one unit with the others. */
export interface Weighed {
  readonly value: number;
  /** Above 0. */
  readonly uncertainty: number;
}

/** What several values of one thing say together. */
export interface WeightedMean {
  readonly mean: number;
  /** 1/√Σw, with w = 1/u²; in the unit of the values. */
  readonly uncertainty: number;
  /** Σ(x − mean)²/u², and the number of values less one. */
  readonly chiSquared: number;
  readonly freedom: number;
  /** The probability of a larger χ² if each ± were right; undefined for a single value. */
  readonly probability: number | undefined;
}

/**
 * The mean of values, each weighted by 1/u² (Taylor, An Introduction to Error Analysis, 2nd ed., § 7.2).
 * @returns undefined without a value. Values whose ± is not above 0 have no weight and are to be left out by the caller.
 */
export function weightedMean(values: readonly Weighed[]): WeightedMean | undefined {
  if (values.length === 0) return undefined;
  const least = Math.min(...values.map(({ uncertainty }) => uncertainty));
  const weights = values.map(({ uncertainty }) => (least / uncertainty) ** 2);
  const whole = weights.reduce((sum, one) => sum + one, 0);
  const from = values[0]?.value ?? 0;
  const shift = values.reduce(
    (sum, { value }, i) => sum + (weights[i] as number) * (value - from),
    0,
  );
  const mean = from + shift / whole;
  const parts = values.map(({ value, uncertainty }) => ((value - mean) / uncertainty) ** 2);
  const chiSquared = parts.reduce((sum, one) => sum + one, 0);
  const freedom = values.length - 1;
  const probability = freedom > 0 ? probabilityOfLargerChiSquare(chiSquared, freedom) : undefined;
  return { mean, uncertainty: least / Math.sqrt(whole), chiSquared, freedom, probability };
}
