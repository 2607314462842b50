/**
 * A value that was read off a recording, with what it may be off by.
 * What each reading is off by for itself and what all share are kept apart: only the first grows less with more readings.
 */
export interface ReadOff {
  readonly value: number;
  /** Standard uncertainty from noise and resolution, in the unit of the value. */
  readonly random: number;
  /** A limit: what all readings are off by alike, from zero, scale and clock of the instrument. */
  readonly common: number;
}

/** So many standard uncertainties are a limit: 99.7 % of a normal distribution lie within. */
export const limitCoverage = 3;

/**
 * u = √(u_random² + Δ²/3): a limit is taken as a rectangle.
 * Source: GUM 4.3.7 and 5.1.2. @returns the standard uncertainty, in the unit of the value.
 */
export function standardOf({ random, common }: ReadOff): number {
  return Math.hypot(random, common / Math.sqrt(3));
}

/**
 * Δ = 3 u_random + Δ_common: inside these the true value lies.
 * Source: GUM 6.2 and G.1.2 for the factor; limits of instruments are added.
 */
export function limitOf({ random, common }: ReadOff): number {
  return limitCoverage * random + common;
}
