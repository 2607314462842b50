import { measured } from "@/pipeline/readings/measured";
import type { EvaluatedQuantity, EvaluatedTable } from "@/pipeline/table/table";

/** Row ids sorted by the readings of a quantity, upwards; rows without a number keep their order behind. */
export function rowsSortedBy(table: EvaluatedTable, quantity: EvaluatedQuantity): string[] {
  return table.rows
    .map((row, index) => ({ id: row.id, value: measured(row, quantity)?.value ?? Infinity, index }))
    .sort((a, b) => (a.value === b.value ? a.index - b.index : a.value < b.value ? -1 : 1))
    .map(({ id }) => id);
}
