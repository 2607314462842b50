import { type Check, readingsOf, rowCount } from "./check";

const wantedRatio = 2;

/** Readings of one sign whose largest is less than twice the smallest leave the intercept far from the points. */
export const narrowRange: Check = (quantity, table) => {
  const readings = readingsOf(quantity, table);
  if (rowCount(readings) < 3) return [];
  let [low, high, above, below] = [Infinity, 0, 0, 0];
  for (const { number } of readings) {
    const size = Math.abs(number.value);
    low = Math.min(low, size);
    high = Math.max(high, size);
    if (number.value > 0) above += 1;
    if (number.value < 0) below += 1;
  }
  const oneSign = above === readings.length || below === readings.length;
  if (!oneSign || high >= wantedRatio * low || high === low) return [];
  return [{ finding: { name: "narrow-range", ratio: high / low }, quantity: quantity.id }];
};
