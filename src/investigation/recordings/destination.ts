import { convert, understandUnit } from "@/core/unit/understandUnit";
import type { Investigation } from "../model/investigation";
import { inOrder } from "../model/order";
import type { Quantity } from "../model/quantity";
import { cellKey, type Row } from "../model/row";

type Parts = Pick<Investigation, "rows" | "quantities">;

/** A cell where something read off can go, with its row's number from 1. */
export interface Place {
  /** Undefined for a row that does not exist yet. */
  readonly row: string | undefined;
  readonly cell: string;
  readonly number: number;
}

/** Whether what is read off in a unit can be written under a quantity: it has that kind of unit, or none yet. */
export function takesUnit(quantity: Pick<Quantity, "unit">, unit: string): boolean {
  if (quantity.unit.trim() === "" || quantity.unit.trim() === unit.trim()) return true;
  const [from, to] = [understandUnit(unit), understandUnit(quantity.unit)];
  if (from.kind === "unreadable" || to.kind === "unreadable") return false;
  return convert(1, from.unit, to.unit) !== undefined;
}

/** The quantities that are read, not worked out: something read off can stand under them. */
export function readQuantities({ quantities }: Pick<Parts, "quantities">): [string, Quantity][] {
  const columns = new Set(
    Object.values(quantities).flatMap(({ uncertainty }) =>
      uncertainty.kind === "column" ? [uncertainty.column] : [],
    ),
  );
  return inOrder(quantities)
    .filter(([id, one]) => one.formula === undefined && !one.remarks && !columns.has(id))
    .map(([id, quantity]) => [id, quantity]);
}

const rowsOf = ({ rows }: Pick<Parts, "rows">, table: string): (readonly [string, Row])[] =>
  inOrder(rows).filter(([, row]) => row.table === table);

/** The first repeat of a quantity that a row has free; undefined where all are taken. */
function freeCell(row: Row | undefined, id: string, { repeats }: Quantity): string | undefined {
  const all = repeats + (row?.further?.[id] ?? 0);
  for (let repeat = 1; repeat <= all; repeat++) {
    const cell = cellKey(id, repeat);
    if (!row?.readings[cell]?.trim()) return cell;
  }
  return undefined;
}

/** The next place that is free under a quantity: the first row with a repeat to spare, else a row of its own. */
export function nextPlace(document: Parts, id: string): Place | undefined {
  const quantity = document.quantities[id];
  if (!quantity) return undefined;
  const rows = rowsOf(document, quantity.table);
  for (const [at, [row, held]] of rows.entries()) {
    const cell = freeCell(held, id, quantity);
    if (cell !== undefined) return { row, cell, number: at + 1 };
  }
  return { row: undefined, cell: cellKey(id), number: rows.length + 1 };
}

/** The place under a quantity in the row of a number: its first free repeat, or the first one where all are taken. */
export function placeInRow(document: Parts, id: string, number: number): Place | undefined {
  const quantity = document.quantities[id];
  if (!quantity || !(number >= 1)) return undefined;
  const rows = rowsOf(document, quantity.table);
  const [row, held] = rows[number - 1] ?? [];
  if (!row) return { row: undefined, cell: cellKey(id), number: rows.length + 1 };
  return { row, cell: freeCell(held, id, quantity) ?? cellKey(id), number };
}

/**
 * So many places under a quantity, one to a row: the rows from a number on that have a repeat to spare, then rows that do not
 * exist yet. What stands there is not written over.
 */
export function placesFrom(document: Parts, id: string, number: number, count: number): Place[] {
  const quantity = document.quantities[id];
  if (!quantity) return [];
  const rows = rowsOf(document, quantity.table);
  const free = rows.slice(number - 1).flatMap(([row, held], i): Place[] => {
    const cell = freeCell(held, id, quantity);
    return cell === undefined ? [] : [{ row, cell, number: number + i }];
  });
  const more = Array.from({ length: Math.max(0, count - free.length) }, (_one, i): Place => ({
    row: undefined,
    cell: cellKey(id),
    number: rows.length + 1 + i,
  }));
  return [...free, ...more].slice(0, count);
}

/** The place of a row in its table, from 1; undefined where it is gone. */
export function numberOfRow(document: Pick<Parts, "rows">, row: string): number | undefined {
  const held = document.rows[row];
  if (!held) return undefined;
  return rowsOf(document, held.table).findIndex(([id]) => id === row) + 1;
}
