import { isDraft, original } from "immer";
import type { Investigation } from "../model/investigation";
import { orderAtEnd, ordersAtEnd } from "../model/order";
import { plainQuantity } from "../model/quantity";
import type { Row } from "../model/row";
import { clearAxesOfUncertainty } from "../model/uncertaintyColumns";
import { act } from "./act";
import { writeReadings } from "./typeReadings";

/** A heading that came with a pasted block, for a quantity new or old. */
export interface PastedHeading {
  readonly quantity: string;
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
  /** The quantity whose ± this column holds, by its id. */
  readonly uncertaintyOf?: string;
}

/** A line of a pasted block, and the row that it goes into. */
export interface PastedRow {
  readonly row: string;
  readonly texts: readonly string[];
}

/** Lines of a pasted block, and where they go. */
export interface PastedRows {
  readonly table: string;
  readonly series?: string | undefined;
  /** The cell key of each column; null where what was pasted is left out. */
  readonly cells: readonly (string | null)[];
  readonly rows: readonly PastedRow[];
}

/** The readings of a row that comes into being: what is empty is left out. */
function freshReadings(cells: PastedRows["cells"], texts: readonly string[]) {
  const readings: Row["readings"] = {};
  for (let column = 0; column < texts.length; column++) {
    const cell = cells[column];
    if (cell && texts[column]) readings[cell] = texts[column] as string;
  }
  return Object.freeze(readings);
}

/** Pasted lines as rows that come into being, with their order keys. */
export function freshRows(
  { table, series, cells, rows }: PastedRows,
  orders: readonly string[],
): (readonly [id: string, row: Row])[] {
  return rows.map(({ row, texts }, index) => {
    const [order, readings] = [orders[index] as string, freshReadings(cells, texts)];
    const fresh = series ? { order, table, series, readings } : { order, table, readings };
    return [row, Object.freeze(fresh)];
  });
}

function writeRows(draft: Investigation, pasted: PastedRows): void {
  const { cells, rows, series } = pasted;
  const present = isDraft(draft.rows) ? (original(draft.rows) ?? draft.rows) : draft.rows;
  const fresh = rows.filter(({ row }) => !present[row]);
  const readings = rows.flatMap(({ row, texts }) =>
    texts.flatMap((text, column) => {
      const cell = cells[column];
      return cell && present[row] ? [{ row, cell, text }] : [];
    }),
  );
  writeReadings(draft, readings, series);
  const orders = ordersAtEnd(draft.rows, fresh.length);
  for (const [id, row] of freshRows({ ...pasted, rows: fresh }, orders)) draft.rows[id] = row;
}

/** Takes a pasted block: headings describe their quantities (made where missing), cells are written. */
export const pasteBlock = act<
  PastedRows & {
    newQuantities: readonly { id: string; symbol: string }[];
    headings: readonly PastedHeading[];
  }
>(
  "paste-block",
  (draft, args) => {
    for (const { id, symbol } of args.newQuantities) {
      draft.quantities[id] = plainQuantity(orderAtEnd(draft.quantities), args.table, symbol);
    }
    for (const { quantity, name, symbol, unit, uncertaintyOf } of args.headings) {
      const described = draft.quantities[quantity];
      if (described) Object.assign(described, { name, symbol, unit });
      const owner = uncertaintyOf === undefined ? undefined : draft.quantities[uncertaintyOf];
      if (owner) owner.uncertainty = { kind: "column", column: quantity };
    }
    if (args.headings.some(({ uncertaintyOf }) => uncertaintyOf !== undefined)) {
      clearAxesOfUncertainty(draft);
    }
    writeRows(draft, args);
  },
  ({ rows }) => rows.map(({ row }) => row),
);
