import { remembered } from "@/remembered/remembered";
import { measuredColumn } from "../readings/measured";
import type { EvaluatedQuantity, EvaluatedTable } from "../table/table";

export interface RowValue {
  readonly value: number;
  readonly row: number;
}

/** One value a row, in the order of the rows; rows without one that takes part are left out. */
export const rowValues = remembered(
  (quantity: EvaluatedQuantity, { rows }: EvaluatedTable): readonly RowValue[] => {
    const values: RowValue[] = [];
    measuredColumn(rows, quantity).forEach((found, row) => {
      if (found && !found.aside) values.push({ value: found.value, row });
    });
    return values;
  },
);

/** Whether a quantity is the one that is set: the first of its table. */
export function isSetQuantity(quantity: EvaluatedQuantity, table: EvaluatedTable): boolean {
  return table.quantities[0] === quantity;
}

/** Values in runs of one series: the last of one and the first of the next are no neighbours. */
export function bySeries(
  values: readonly RowValue[],
  table: EvaluatedTable,
): readonly (readonly RowValue[])[] {
  const runs = new Map<string | undefined, RowValue[]>();
  for (const value of values) {
    const series = table.rows[value.row]?.row.series;
    const run = runs.get(series);
    if (run) run.push(value);
    else runs.set(series, [value]);
  }
  return [...runs.values()];
}
