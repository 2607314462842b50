import type { DecimalMark } from "@/core/number/readNumber";
import type { Investigation, Series } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { type EvaluatedQuantity, evaluateQuantities } from "./evaluatedQuantity";
import { type EvaluatedRow, evaluateRow } from "./evaluatedRow";
import { memoised } from "./memoised";

export type { EvaluatedQuantity } from "./evaluatedQuantity";
export type { EvaluatedRow } from "./evaluatedRow";

export interface EvaluatedSeries {
  readonly id: string;
  readonly series: Series;
}

/** The readings of one table as numbers, in their kept order; nothing of it is stored. */
export interface EvaluatedTable {
  readonly id: string;
  readonly name: string;
  readonly quantities: readonly EvaluatedQuantity[];
  readonly rows: readonly EvaluatedRow[];
  readonly series: readonly EvaluatedSeries[];
}

const evaluateRows = memoised(
  (rows: Investigation["rows"], mark: DecimalMark): readonly EvaluatedRow[] =>
    inOrder(rows).map(([id, row]) => evaluateRow(id, row, mark)),
);

function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, index) => item === b[index]);
}

const newest = new Map<string, EvaluatedTable>();

/** The table itself is the same object as before when nothing in it changed. */
function kept(table: EvaluatedTable): EvaluatedTable {
  const before = newest.get(table.id);
  if (
    before &&
    before.name === table.name &&
    sameItems(before.quantities, table.quantities) &&
    sameItems(before.rows, table.rows) &&
    sameItems(
      before.series.map(({ series }) => series),
      table.series.map(({ series }) => series),
    )
  ) {
    return before;
  }
  if (newest.size > 100) newest.clear();
  newest.set(table.id, table);
  return table;
}

const assemble = memoised(
  (
    tables: Investigation["tables"],
    series: Investigation["series"],
    quantities: readonly EvaluatedQuantity[],
    rows: readonly EvaluatedRow[],
  ): readonly EvaluatedTable[] => {
    const entries = inOrder(tables);
    const only = entries.length === 1;
    return entries.map(([id, { name }]) =>
      kept({
        ...{ id, name },
        quantities: quantities.filter(({ quantity }) => quantity.table === id),
        rows:
          only && rows.every(({ row }) => row.table === id)
            ? rows
            : rows.filter(({ row }) => row.table === id),
        series: inOrder(series)
          .filter(([, one]) => one.table === id)
          .map(([key, one]) => ({ id: key, series: one })),
      }),
    );
  },
);

/** Reads every typed text of the document, table by table. Rows that did not change are not read again. */
export function evaluateTables(document: Investigation): readonly EvaluatedTable[] {
  const { tables, series, quantities, rows, houseRules } = document;
  return assemble(
    tables,
    series,
    evaluateQuantities(quantities, houseRules),
    evaluateRows(rows, houseRules.decimalMark),
  );
}

/** One table by its id, or the first. */
export function tableOf(tables: readonly EvaluatedTable[], id?: string): EvaluatedTable {
  const found = tables.find((table) => table.id === id) ?? tables[0];
  if (!found) throw new Error("an investigation has at least one table");
  return found;
}
