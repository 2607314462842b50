import type { Steps } from "../readings/steps";
import type { EvaluatedRow, EvaluatedTable } from "../table/table";
import type { PlacedFinding } from "./check";

const leastReadings = 2;

/** All readings of a row as one text. */
function signature({ row }: EvaluatedRow): string {
  return Object.entries(row.readings)
    .map(([cell, reading]) => `${cell}\t${reading}`)
    .sort()
    .join("\n");
}

/** Rows of one series whose first reading is spelled alike: only among them can one repeat another. */
function* alikeAtFirst({ rows, quantities }: EvaluatedTable): Steps<readonly number[][]> {
  const first = new Map<string, number>();
  const alike = new Map<number, number[]>();
  for (let at = 0; at < rows.length; at++) {
    const { row } = rows[at] as EvaluatedRow;
    const cell = quantities.find(({ id }) => row.readings[id] !== undefined)?.id;
    const key = `${row.series ?? ""}\n${cell ?? ""}\t${cell === undefined ? "" : row.readings[cell]}`;
    const of = first.get(key);
    if (of === undefined) first.set(key, at);
    else if (alike.has(of)) alike.get(of)?.push(at);
    else alike.set(of, [of, at]);
    if (at % 1024 === 0) yield;
  }
  return [...alike.values()];
}

/** A row that repeats another in every reading: copied twice, or a second measurement that belongs among the repeats. */
export function* duplicateRows(table: EvaluatedTable): Steps<readonly PlacedFinding[]> {
  const quantity = table.quantities[0]?.id;
  if (quantity === undefined) return [];
  const marks: (PlacedFinding & { readonly row: number })[] = [];
  for (const fellows of yield* alikeAtFirst(table)) {
    const first = new Map<string, number>();
    for (const at of fellows) {
      const row = table.rows[at] as EvaluatedRow;
      if (Object.keys(row.row.readings).length < leastReadings) continue;
      const text = signature(row);
      const of = first.get(text);
      if (of === undefined) first.set(text, at);
      else marks.push({ finding: { name: "duplicate-row", of: of + 1 }, quantity, row: at });
      yield;
    }
  }
  return marks.sort((a, b) => a.row - b.row);
}
