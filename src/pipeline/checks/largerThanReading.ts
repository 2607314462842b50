import { measuredColumn } from "../readings/measured";
import type { Check } from "./check";
import { isPlaceOnScale } from "./narrowRange";

/** One reading this part of the largest may be a blank: then its ± may well be larger than itself. */
const blank = 0.1;

/** A ± larger than its reading: mostly a slip in the unit or the point. Nought itself, °C and one blank near 0 are left alone. */
export const largerThanReading: Check = (quantity, table) => {
  if (isPlaceOnScale(quantity.quantity.unit)) return [];
  const all = measuredColumn(table.rows, quantity);
  let largest = 0;
  const found: { readonly row: number; readonly bar: number }[] = [];
  all.forEach((one, row) => {
    if (!one || one.aside) return;
    const size = Math.abs(one.value);
    largest = Math.max(largest, size);
    const bar = Math.max(one.instrument.up, one.instrument.down);
    if (size > 0 && bar > size) found.push({ row, bar });
  });
  const [first] = found;
  if (found.length === 1 && first && first.bar <= blank * largest) return [];
  return found.map(({ row }) => ({
    finding: { name: "larger-than-reading" },
    quantity: quantity.id,
    row,
  }));
};
