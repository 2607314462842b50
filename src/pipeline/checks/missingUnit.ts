import { type Check, type PlacedReading, readingsOf } from "./check";

/** What things that are counted are called. */
const counted = /\b(numbers?|counts?|counted|index|order|turns|swings|drops|coins|pieces|steps)\b/i;

/** A count needs no unit: whole numbers that are called so, with the symbol of a number, or with the ± of counting. */
function isCount(
  { name, symbol, uncertainty }: { name: string; symbol: string; uncertainty: { kind: string } },
  readings: readonly PlacedReading[],
): boolean {
  if (!readings.every(({ number }) => Number.isInteger(number.value) && number.value >= 0)) {
    return false;
  }
  const isNumber = uncertainty.kind === "counting" || /^[nN](_.*)?$/.test(symbol.trim());
  return isNumber || counted.test(name);
}

/** Readings without a unit mean nothing to a reader; a pure number says so with the unit 1, counts as whole numbers. */
export const missingUnit: Check = (quantity, table) => {
  if (quantity.quantity.unit.trim() !== "") return [];
  const readings = readingsOf(quantity, table);
  if (readings.length === 0 || isCount(quantity.quantity, readings)) return [];
  return [{ finding: { name: "missing-unit" }, quantity: quantity.id }];
};
