import { Latest } from "@/remembered/latest";
import type { EvaluatedRow, Runs } from "../readings/evaluated";

function sameRuns(a: Int32Array, b: Int32Array): boolean {
  if (a.length !== b.length) return false;
  for (let row = 0; row < a.length; row++) if (a[row] !== b[row]) return false;
  return true;
}

const newest = new Latest<readonly string[], Runs>();
const known = new Latest<
  readonly EvaluatedRow[],
  { readonly series: readonly string[]; readonly runs: Runs }
>();

function readRuns(rows: readonly EvaluatedRow[], series: readonly string[]): Runs {
  const places = new Map(series.map((id, place) => [id, place]));
  const of = new Int32Array(rows.length);
  rows.forEach(({ row }, index) => {
    of[index] = (row.series === undefined ? undefined : places.get(row.series)) ?? series.length;
  });
  const before = newest.of(series);
  if (before && sameRuns(before.of, of)) return before;
  return newest.keep(series, { count: series.length + 1, of });
}

/**
 * Which rows belong together: those of each series, and those without one (calculation § 4). As long as no row changes
 * its series this is the same object.
 * @param series the ids of the table's series, in their order.
 */
export function runsOf(rows: readonly EvaluatedRow[], series: readonly string[]): Runs {
  const before = known.of(rows);
  if (before?.series === series) return before.runs;
  const runs = readRuns(rows, series);
  known.keep(rows, { series, runs });
  return runs;
}
