import { freeze, type Patch } from "immer";
import type { Investigation } from "../model/investigation";
import { inOrder, withItems } from "../model/order";
import type { Row } from "../model/row";

/**
 * Does work that looks at a few rows alone, without laying hands on the thousands of others: it is given the document
 * with those rows and the last one (behind which new rows are put), and what it changes goes back among the rest.
 * The work may change and add rows, but take none away.
 */
export function withinRows(
  document: Investigation,
  ids: Iterable<string>,
  work: (narrow: Investigation) => Investigation,
): Investigation {
  freeze(document, true);
  const few: Record<string, Row> = {};
  const last = inOrder(document.rows).at(-1);
  if (last) few[last[0]] = last[1];
  for (const id of ids) {
    const row = document.rows[id];
    if (row) few[id] = row;
  }
  const narrow = { ...document, rows: few };
  const next = work(narrow);
  if (next === narrow) return document;
  const changed = Object.entries(next.rows).filter(([id, row]) => few[id] !== row);
  const rows = changed.length === 0 ? document.rows : withItems(document.rows, changed);
  return Object.freeze({ ...next, rows });
}

/** The rows that patches change or add, or undefined where they do anything else. */
export function rowsOfPatches(patches: readonly Patch[]): ReadonlySet<string> | undefined {
  const ids = new Set<string>();
  for (const { op, path } of patches) {
    if (path[0] !== "rows" || path.length < 2 || (op === "remove" && path.length === 2)) {
      return undefined;
    }
    ids.add(String(path[1]));
  }
  return ids;
}
