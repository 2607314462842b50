import { isLasting } from "@/remembered/isLasting";
import { Latest } from "@/remembered/latest";
import { type DecimalMark, type NumberReading, readNumber } from "@/core/number/readNumber";
import { cellPlace, isFurtherRepeat, type Row } from "@/investigation/model/row";
import type { EvaluatedRow } from "./evaluated";

function lastRepeats(row: Row, cells: readonly string[]): Record<string, number> | undefined {
  let last: Record<string, number> | undefined;
  for (const cell of cells) {
    if (!isFurtherRepeat(cell)) continue;
    const { quantity, repeat } = cellPlace(cell);
    last ??= {};
    last[quantity] = Math.max(last[quantity] ?? 1, repeat);
  }
  return row.further ? { ...row.further, ...larger(last, row.further) } : last;
}

function larger(
  a: Record<string, number> | undefined,
  b: Record<string, number>,
): Record<string, number> {
  return Object.fromEntries(
    Object.entries(a ?? {}).map(([id, count]) => [id, Math.max(count, b[id] ?? 1)]),
  );
}

const readRows: Record<DecimalMark, Latest<Row, EvaluatedRow>> = {
  point: new Latest(),
  comma: new Latest(),
};

/**
 * Reads every text of a row; a row that did not change is not read again.
 * @param before the row as it was: a text that still stands there keeps its reading, the same object.
 */
export function evaluateRow(
  id: string,
  row: Row,
  mark: DecimalMark,
  before?: EvaluatedRow,
): EvaluatedRow {
  const known = readRows[mark].of(row);
  if (known) return known;
  const readings: Record<string, NumberReading> = {};
  const cells = Object.keys(row.readings);
  for (const cell of cells) {
    const text = row.readings[cell] as string;
    const known = before?.row.readings[cell] === text ? before.readings[cell] : undefined;
    readings[cell] = known ?? readNumber(text, mark);
  }
  const lastRepeat = lastRepeats(row, cells);
  const evaluated = lastRepeat ? { id, row, readings, lastRepeat } : { id, row, readings };
  return isLasting(row) ? readRows[mark].keep(row, evaluated) : evaluated;
}
