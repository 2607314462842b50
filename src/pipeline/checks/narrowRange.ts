import { understandUnit } from "@/core/unit/understandUnit";
import { type Check, readingsOf, rowCount } from "./check";
import { isSetQuantity } from "./rowValues";

const wantedRatio = 2;

/** Whether a unit's nought is a place on a scale and not the absence of the thing, as in °C: then a ratio says nothing. */
export function isPlaceOnScale(unit: string): boolean {
  const understood = understandUnit(unit);
  return understood.kind === "unit" && understood.unit.offset !== 0;
}

/** The set quantity's readings, of one sign, with the largest less than twice the smallest: the intercept lies far from the points. */
export const narrowRange: Check = (quantity, table) => {
  if (!isSetQuantity(quantity, table) || isPlaceOnScale(quantity.quantity.unit)) return [];
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
