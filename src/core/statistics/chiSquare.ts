import gammainc from "@stdlib/math-base-special-gammainc";

/**
 * The probability that χ² comes out larger than this by chance: the upper tail Q(ν/2, χ²/2).
 * @param degreesOfFreedom at least 1; @throws RangeError below.
 */
export function probabilityOfLargerChiSquare(chiSquare: number, degreesOfFreedom: number): number {
  if (!(degreesOfFreedom >= 1)) {
    throw new RangeError(`degrees of freedom must be at least 1: ${degreesOfFreedom}`);
  }
  return gammainc(chiSquare / 2, degreesOfFreedom / 2, true, true);
}
