import { clearAxesOf } from "../model/axes";
import { cellKey, cellPlace } from "../model/row";
import type { Row } from "../model/row";
import { limits } from "../model/limits";
import { act } from "./act";
import { takeQuantityAway } from "./removeQuantity";

/** Moves the readings of a quantity to be repeats of another one, behind those that are there. */
function moveCells(row: Row, from: string, to: string, behind: number): void {
  for (const record of [row.readings, row.setAside]) {
    for (const key in record) {
      const { quantity, repeat } = cellPlace(key);
      if (quantity !== from) continue;
      record[cellKey(to, behind + repeat)] = record[key] as string;
      delete record[key];
    }
  }
}

/** Makes repeats of columns: the first one takes in the readings of the others, and may be described anew. */
export const gatherRepeats = act<{
  quantities: readonly string[];
  name?: string;
  symbol?: string;
}>("gather-repeats", (draft, { quantities: [first = "", ...others], ...words }) => {
  const gathered = draft.quantities[first];
  if (!gathered || gathered.formula !== undefined) return;
  for (const id of others) {
    const other = draft.quantities[id];
    if (!other || id === first || other.table !== gathered.table) continue;
    if (gathered.repeats + other.repeats > limits.repeats || other.formula !== undefined) continue;
    for (const row of Object.values(draft.rows)) {
      if (row.table === gathered.table) moveCells(row, id, first, gathered.repeats);
    }
    gathered.repeats += other.repeats;
    for (const figure of Object.values(draft.figures)) {
      if (figure.x === id && figure.y !== first) figure.x = first;
      if (figure.y === id && figure.x !== first) figure.y = first;
    }
    clearAxesOf(draft, id);
    takeQuantityAway(draft, id);
  }
  Object.assign(gathered, words);
});
