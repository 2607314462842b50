import { type Check } from "./check";
import { measuredColumn } from "../readings/measured";

/** Readings beside an empty place of the column that holds their ±: nobody knows how sure they are. */
export const blankUncertainty: Check = (quantity, table) => {
  if (!quantity.column) return [];
  return measuredColumn(table.rows, quantity).flatMap((found, row) =>
    found?.unstated && !found.aside
      ? [{ finding: { name: "blank-uncertainty" } as const, quantity: quantity.id, row }]
      : [],
  );
};
