import type { EvaluatedTable } from "@/pipeline/table";

/** Row ids sorted by the readings of a quantity, upwards; rows without a number keep their order behind. */
export function rowsSortedBy(table: EvaluatedTable, quantity: string): string[] {
  const value = (index: number) => {
    const reading = table.rows[index]?.readings[quantity];
    return reading?.kind === "number" ? reading.number.value : Infinity;
  };
  return table.rows
    .map(({ id }, index) => ({ id, value: value(index), index }))
    .sort((a, b) => (a.value === b.value ? a.index - b.index : a.value < b.value ? -1 : 1))
    .map(({ id }) => id);
}
