/** A value with its ±, both in one unit. */
export interface Ranged {
  readonly value: number;
  /** 0 where none is known. */
  readonly uncertainty: number;
}

/** A result beside an accepted value (calculation § 10). */
export interface Comparison {
  /** result − accepted, in their unit. */
  readonly difference: number;
  /** The difference as a part of the accepted value, in percent; undefined beside 0. */
  readonly percent: number | undefined;
  /** Whether the two ranges have a value in common. */
  readonly meet: boolean;
  /** The difference in combined standard uncertainties √(u₁² + u₂²); undefined where both are exact. */
  readonly inCombined: number | undefined;
}

const slack = 1e-12;

/** How a result lies beside an accepted value. */
export function compare(result: Ranged, accepted: Ranged): Comparison {
  const difference = result.value - accepted.value;
  const reach = result.uncertainty + accepted.uncertainty;
  const combined = Math.hypot(result.uncertainty, accepted.uncertainty);
  const size = Math.max(Math.abs(result.value), Math.abs(accepted.value));
  return {
    difference,
    percent: accepted.value === 0 ? undefined : (100 * difference) / Math.abs(accepted.value),
    meet: Math.abs(difference) <= reach + slack * size,
    inCombined: combined > 0 ? Math.abs(difference) / combined : undefined,
  };
}
