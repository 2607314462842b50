import type { EvaluatedRow, EvaluatedTable } from "../table";
import type { Mark } from "./check";

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
      : `${row.row.series ?? ""}\n${entries
          .map(([cell, reading]) => `${cell}\t${reading}`)
          .sort()
          .join("\n")}`;
  signatures.set(row, text);
  return text;
}

/** A row that repeats another in every reading: copied twice, or a second measurement that belongs among the repeats. */
export function duplicateRows(table: EvaluatedTable): readonly Mark[] {
  const quantity = table.quantities[0]?.id;
  if (quantity === undefined) return [];
  const first = new Map<string, number>();
  const marks: Mark[] = [];
  table.rows.forEach((row, index) => {
    const text = signature(row);
    if (text === "") return;
    const of = first.get(text);
    if (of === undefined) first.set(text, index);
    else marks.push({ finding: { name: "duplicate-row", of: of + 1 }, quantity, row: index });
  });
  return marks;
}
