import { type DecimalMark, type NumberReading, readNumber } from "@/core/number/readNumber";
import { cellPlace, type Row } from "@/investigation/model/row";
import type { EvaluatedRow } from "./evaluated";

const mostTexts = 200_000;

const readTexts: Record<DecimalMark, Map<string, NumberReading>> = {
  point: new Map(),
  comma: new Map(),
};

/** The same text has one meaning, kept as one object. */
function readOnce(text: string, mark: DecimalMark): NumberReading {
  const texts = readTexts[mark];
  const known = texts.get(text);
  if (known) return known;
  if (texts.size >= mostTexts) texts.clear();
  const reading = readNumber(text, mark);
  texts.set(text, reading);
  return reading;
}

function lastRepeats(row: Row, cells: readonly string[]): Record<string, number> | undefined {
  let last: Record<string, number> | undefined;
  for (const cell of cells) {
    const { quantity, repeat } = cellPlace(cell);
    if (repeat === 1) continue;
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

const readRows: Record<DecimalMark, WeakMap<Row, EvaluatedRow>> = {
  point: new WeakMap(),
  comma: new WeakMap(),
};

/** Reads every text of a row; a row that did not change is not read again. */
export function evaluateRow(id: string, row: Row, mark: DecimalMark): EvaluatedRow {
  const known = readRows[mark].get(row);
  if (known) return known;
  const readings: Record<string, NumberReading> = {};
  const cells = Object.keys(row.readings);
  for (const cell of cells) readings[cell] = readOnce(row.readings[cell] as string, mark);
  const lastRepeat = lastRepeats(row, cells);
  const evaluated = { id, row, readings, ...(lastRepeat && { lastRepeat }) };
  if (Object.isFrozen(row)) readRows[mark].set(row, evaluated);
  return evaluated;
}
