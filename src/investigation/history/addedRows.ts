import { freeze, type Patch } from "immer";
import type { Row } from "../model/row";
import type { Change } from "./change";

type Rows = readonly (readonly [id: string, row: Row])[];

/** What adding rows does, told without a draft of the document: for thousands of rows a draft takes far longer. */
export function additionOf(act: string, rows: Rows): Change {
  const patches = rows.map(([id, value]): Patch => ({ op: "add", path: ["rows", id], value }));
  const inverse = patches.map(({ path }): Patch => ({ op: "remove", path })).reverse();
  return { act, patches, inverse };
}

function isOrdered(value: unknown): value is Row {
  return typeof (value as Row | null | undefined)?.order === "string";
}

/** The rows that patches add, where they do nothing else; frozen, so that they are nobody's to change. */
export function rowsAdded(patches: readonly Patch[]): Rows | undefined {
  const rows: [string, Row][] = [];
  for (const { op, path, value } of patches) {
    const id = String(path[1]);
    if (op !== "add" || path[0] !== "rows" || path.length !== 2 || id in Object.prototype) {
      return undefined;
    }
    if (!isOrdered(value)) return undefined;
    rows.push([id, freeze(value, true)]);
  }
  return rows;
}
