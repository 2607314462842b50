import cdf from "@stdlib/stats-base-dists-t-cdf";
import quantile from "@stdlib/stats-base-dists-t-quantile";

/**
 * The factor t with which ± t·SE holds the true value at a two-sided level: t₀.₉₅ = 2.5706 for 5 degrees of freedom.
 * @param level two-sided probability, between 0 and 1.
 * @param degreesOfFreedom at least 1.
 * @throws RangeError outside these ranges.
 */
export function studentTFactor(level: number, degreesOfFreedom: number): number {
  if (!(level > 0 && level < 1)) throw new RangeError(`level must lie between 0 and 1: ${level}`);
  if (!(degreesOfFreedom >= 1)) {
    throw new RangeError(`degrees of freedom must be at least 1: ${degreesOfFreedom}`);
  }
  return quantile(0.5 + level / 2, degreesOfFreedom);
}

/**
 * The probability that |t| comes out larger than this by chance, both tails together.
 * @param degreesOfFreedom at least 1; @throws RangeError below.
 */
export function probabilityOfLargerT(t: number, degreesOfFreedom: number): number {
  if (!(degreesOfFreedom >= 1)) {
    throw new RangeError(`degrees of freedom must be at least 1: ${degreesOfFreedom}`);
  }
  return 2 * cdf(-Math.abs(t), degreesOfFreedom);
}
