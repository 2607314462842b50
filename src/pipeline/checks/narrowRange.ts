import { type Check, readingsOf } from "./check";

const wantedRatio = 2;

/** Readings of one sign whose largest is less than twice the smallest leave the intercept far from the points. */
export const narrowRange: Check = (quantity, table) => {
  const sizes = readingsOf(quantity, table).map(({ number }) => number.value);
  if (sizes.length < 3) return [];
  const low = Math.min(...sizes.map(Math.abs));
  const high = Math.max(...sizes.map(Math.abs));
  const oneSign = sizes.every((value) => value > 0) || sizes.every((value) => value < 0);
  if (!oneSign || high >= wantedRatio * low || high === low) return [];
  return [{ finding: { name: "narrow-range", ratio: high / low }, quantity: quantity.id }];
};
