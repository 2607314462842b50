import { measuredColumn } from "../readings/measured";
import type { Check } from "./check";

/** Repeats that all agree, with no instrument's ± beside them: they would be sure to ± 0. */
export const identicalRepeats: Check = (quantity, table) => {
  if (quantity.quantity.repeats < 2 && !table.rows.some((row) => row.lastRepeat?.[quantity.id])) {
    return [];
  }
  return measuredColumn(table.rows, quantity).flatMap((found, row) => {
    if (!found || found.aside || found.unstated || found.spread.count < 2) return [];
    if (found.bars.up > 0 || found.bars.down > 0) return [];
    const finding = { name: "identical-repeats", count: found.spread.count } as const;
    return [{ finding, quantity: quantity.id, row }];
  });
};
