import type { DecimalMark } from "@/core/number/readNumber";
import type { Investigation, Series } from "@/investigation/model/investigation";
import type { Row } from "@/investigation/model/row";
import { inOrder } from "@/investigation/model/order";
import { evaluateQuantities } from "./evaluatedQuantity";
import { evaluateRow } from "./evaluatedRow";
import type { HouseRules } from "@/investigation/model/houseRules";
import { withDerived } from "./derived/derivedQuantities";
import { memoised } from "./memoised";
import type { EvaluatedQuantity, EvaluatedRow } from "./evaluated";

export type { EvaluatedQuantity, EvaluatedRow } from "./evaluated";

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

type Entry = ReturnType<typeof inOrder<Row>>[number];

let newestRows: { mark: DecimalMark; entries: readonly Entry[]; rows: readonly EvaluatedRow[] } = {
  ...{ mark: "point", entries: [], rows: [] },
};

/** Rows in their order; where the newest rows had the same row at the same place, its reading is taken over. */
const evaluateRows = memoised(
  (rows: Investigation["rows"], mark: DecimalMark): readonly EvaluatedRow[] => {
    const entries = inOrder(rows);
    const before = newestRows.mark === mark ? newestRows : undefined;
    const evaluated = entries.map((entry, index) => {
      const [id, row] = entry;
      const earlier = before?.rows[index];
      if (earlier && before?.entries[index] === entry && Object.isFrozen(row)) return earlier;
      return evaluateRow(id, row, mark, earlier?.id === id ? earlier : undefined);
    });
    newestRows = { mark, entries, rows: evaluated };
    return evaluated;
  },
);

function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, index) => item === b[index]);
}

const quantitiesIn = memoised((quantities: readonly EvaluatedQuantity[], table: string) =>
  quantities.filter(({ quantity }) => quantity.table === table),
);

const seriesIn = memoised(
  (series: Investigation["series"], table: string): readonly EvaluatedSeries[] =>
    inOrder(series)
      .filter(([, one]) => one.table === table)
      .map(([id, one]) => ({ id, series: one })),
);

const seriesIds = memoised((series: Investigation["series"], table: string): readonly string[] =>
  seriesIn(series, table).map(({ id }) => id),
);

const newest = new Map<string, EvaluatedTable>();

/** The table itself is the same object as before when nothing in it changed. */
function kept(table: EvaluatedTable): EvaluatedTable {
  const before = newest.get(table.id);
  if (
    before &&
    before.name === table.name &&
    before.quantities === table.quantities &&
    before.series === table.series &&
    sameItems(before.rows, table.rows)
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
    constants: Investigation["constants"],
    rules: HouseRules,
  ): readonly EvaluatedTable[] => {
    const entries = inOrder(tables);
    const only = entries.length === 1;
    return entries.map(([id, { name }]) => {
      const own =
        only && rows.every(({ row }) => row.table === id)
          ? rows
          : rows.filter(({ row }) => row.table === id);
      return kept({
        ...{ id, name, rows: own },
        quantities: withDerived(
          quantitiesIn(quantities, id),
          own,
          seriesIds(series, id),
          constants,
          rules,
        ),
        series: seriesIn(series, id),
      });
    });
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
    document.constants,
    houseRules,
  );
}

/** One table by its id, or the first. */
export function tableOf(tables: readonly EvaluatedTable[], id?: string): EvaluatedTable {
  const found = tables.find((table) => table.id === id) ?? tables[0];
  if (!found) throw new Error("an investigation has at least one table");
  return found;
}
