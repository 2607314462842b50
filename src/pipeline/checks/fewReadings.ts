import { type Check, readingsOf, rowCount } from "./check";

const wanted = 5;

/** Fewer than five rows tell little about a straight line. Said once three are there, not while typing begins. */
export const fewReadings: Check = (quantity, table) => {
  const count = rowCount(readingsOf(quantity, table));
  return count >= 3 && count < wanted
    ? [{ finding: { name: "few-readings", count, wanted }, quantity: quantity.id }]
    : [];
};
