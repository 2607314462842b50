import type { EvaluatedRow, Runs } from "../evaluated";

function sameRuns(a: Int32Array, b: Int32Array): boolean {
  return a.length === b.length && a.every((run, row) => run === b[row]);
}

const newest = new WeakMap<readonly string[], Runs>();

/**
 * Which rows belong together: those of each series, and those without one (calculation § 4). As long as no row changes
 * its series this is the same object.
 * @param series the ids of the table's series, in their order.
 */
export function runsOf(rows: readonly EvaluatedRow[], series: readonly string[]): Runs {
  const places = new Map(series.map((id, place) => [id, place]));
  const of = Int32Array.from(rows, ({ row }) => places.get(row.series ?? "") ?? series.length);
  const before = newest.get(series);
  if (before && sameRuns(before.of, of)) return before;
  const made = { count: series.length + 1, of };
  newest.set(series, made);
  return made;
}
