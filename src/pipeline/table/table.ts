import { isLasting } from "@/remembered/isLasting";
import { LatestByName } from "@/remembered/latest";
import { remembered } from "@/remembered/remembered";
import type { DecimalMark } from "@/core/number/readNumber";
import type { Investigation, Series } from "@/investigation/model/investigation";
import type { Row } from "@/investigation/model/row";
import { inOrder } from "@/investigation/model/order";
import { evaluateQuantities } from "../readings/evaluatedQuantity";
import { evaluateRow } from "../readings/evaluatedRow";
import type { HouseRules } from "@/investigation/model/houseRules";
import { withDerived } from "../derived/derivedQuantities";
import type { EvaluatedQuantity, EvaluatedRow } from "../readings/evaluated";

export type { EvaluatedQuantity, EvaluatedRow } from "../readings/evaluated";

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

interface ReadRows {
  readonly entries: readonly Entry[];
  readonly rows: readonly EvaluatedRow[];
}

const newestRows = new LatestByName<ReadRows>(2);

/** Rows in their order; where the newest rows had the same row at the same place, its reading is taken over. */
const evaluateRows = remembered(
  (rows: Investigation["rows"], mark: DecimalMark): readonly EvaluatedRow[] => {
    const entries = inOrder(rows);
    const before = newestRows.of(mark);
    const evaluated = entries.map((entry, index) => {
      const [id, row] = entry;
      const earlier = before?.rows[index];
      if (earlier && before?.entries[index] === entry && isLasting(row)) return earlier;
      return evaluateRow(id, row, mark, earlier?.id === id ? earlier : undefined);
    });
    newestRows.keep(mark, { entries, rows: evaluated });
    return evaluated;
  },
);

function sameItems(a: readonly unknown[], b: readonly unknown[]): boolean {
  return a.length === b.length && a.every((item, index) => item === b[index]);
}

const quantitiesIn = remembered((quantities: readonly EvaluatedQuantity[], table: string) =>
  quantities.filter(({ quantity }) => quantity.table === table),
);

const seriesIn = remembered(
  (series: Investigation["series"], table: string): readonly EvaluatedSeries[] =>
    inOrder(series)
      .filter(([, one]) => one.table === table)
      .map(([id, one]) => ({ id, series: one })),
);

const seriesIds = remembered((series: Investigation["series"], table: string): readonly string[] =>
  seriesIn(series, table).map(({ id }) => id),
);

const newest = new LatestByName<EvaluatedTable>(100);

/** The table itself is the same object as before when nothing in it changed. */
function kept(table: EvaluatedTable): EvaluatedTable {
  const before = newest.of(table.id);
  if (
    before &&
    before.name === table.name &&
    before.quantities === table.quantities &&
    before.series === table.series &&
    sameItems(before.rows, table.rows)
  ) {
    return before;
  }
  return newest.keep(table.id, table);
}

const assemble = remembered(
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
        id,
        name,
        rows: own,
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
