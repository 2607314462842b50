import type { Investigation } from "@/investigation/model/investigation";
import { type GridColumn, gridColumns } from "@/pipeline/table/gridColumns";
import { remembered } from "@/remembered/remembered";
import {
  type EvaluatedRow,
  type EvaluatedTable,
  evaluateTables,
  tableOf,
} from "@/pipeline/table/table";
import type { GridState } from "./gridState";

/** What the grid shows: one table, its columns, and its rows or those of one series. */
export interface GridView {
  readonly table: EvaluatedTable;
  readonly columns: readonly GridColumn[];
  readonly rows: readonly EvaluatedRow[];
  /** The series whose rows alone are shown. */
  readonly series: string | undefined;
}

const viewOf = remembered((table: EvaluatedTable, wanted: string | undefined): GridView => {
  const series = table.series.some(({ id }) => id === wanted) ? wanted : undefined;
  const rows = series ? table.rows.filter(({ row }) => row.series === series) : table.rows;
  return { table, rows, series, columns: gridColumns(table) };
});

/** The view for a document and where the hands are; the same object as long as neither changes what is shown. */
export function gridView(
  document: Investigation,
  { table, series }: Pick<GridState, "table" | "series">,
): GridView {
  return viewOf(tableOf(evaluateTables(document), table), series);
}
