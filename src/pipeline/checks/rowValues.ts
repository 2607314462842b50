import { measured } from "../measured";
import type { EvaluatedQuantity, EvaluatedTable } from "../table";

/** One value a row, in the order of the rows; rows without one that takes part are left out. */
export function rowValues(
  quantity: EvaluatedQuantity,
  table: EvaluatedTable,
): { readonly value: number; readonly row: number }[] {
  return table.rows.flatMap((row, index) => {
    const found = measured(row, quantity);
    return found && !found.aside ? [{ value: found.value, row: index }] : [];
  });
}

/** Whether a quantity is the one that is set: the first of its table. */
export function isSetQuantity(quantity: EvaluatedQuantity, table: EvaluatedTable): boolean {
  return table.quantities[0] === quantity;
}
