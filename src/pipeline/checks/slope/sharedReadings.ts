import type { SlopeCheck } from "./slopeCheck";

/** A change of the standard error below this part is not worth a word. */
const least = 0.02;

/** Points share readings and so err together: the standard errors know it, the error boxes don't. */
export const sharedReadings: SlopeCheck = ({ line: { sharedReadings: shared } }) => {
  if (!shared) return [];
  const { between, factor } = shared;
  if (factor !== undefined && between === "axes" && Math.abs(factor - 1) < least) return [];
  return [{ name: "points-err-together", between, factor }];
};
