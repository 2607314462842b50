import type { EvaluatedRow } from "../table";
import type { Check } from "./check";
import { isSetQuantity } from "./rowValues";

const leastReadings = 2;

const signatures = new WeakMap<EvaluatedRow, string>();

/** All readings of a row as one text; "" where it has fewer than two. */
function signature(row: EvaluatedRow): string {
  const known = signatures.get(row);
  if (known !== undefined) return known;
  const entries = Object.entries(row.row.readings);
  const text =
    entries.length < leastReadings
      ? ""
      : JSON.stringify([row.row.series ?? "", ...entries.sort(([a], [b]) => (a < b ? -1 : 1))]);
  signatures.set(row, text);
  return text;
}

/** A row that repeats another in every reading: copied twice, or a second measurement that belongs among the repeats. */
export const duplicateRow: Check = (quantity, table) => {
  if (!isSetQuantity(quantity, table)) return [];
  const first = new Map<string, number>();
  return table.rows.flatMap((row, index) => {
    const text = signature(row);
    if (text === "") return [];
    const of = first.get(text);
    if (of === undefined) {
      first.set(text, index);
      return [];
    }
    return [
      {
        finding: { name: "duplicate-row", of: of + 1 },
        quantity: quantity.id,
        row: index,
      } as const,
    ];
  });
};
