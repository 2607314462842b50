import { combined, halfSpan, mean, slopeAlong } from "./arithmetic";
import type { KnownColumn, KnownFormula, MadeUp, Reader } from "./madeUpSheet";

export interface Truth {
  readonly value: number;
  /** By the readings. */
  readonly row: number;
  /** By the constant. */
  readonly common: number;
}

/** The mean of a row's repeats with its ±, in the typed unit: the larger of instrument and half the range. */
export function readingOf(column: KnownColumn, row: number): { value: number; size: number } {
  const repeats = column.repeats[row] as readonly number[];
  const value = mean(repeats);
  const instrument = {
    none: 0,
    fixed: column.amount,
    percent: (Math.abs(value) * column.amount) / 100,
    "last-digit": column.lastDigit,
    column: Number(column.beside[row]),
    percents: (Math.abs(value) * Number(column.beside[row])) / 100,
  }[column.pm];
  const spread = repeats.length > 1 ? halfSpan(repeats) : 0;
  return { value, size: Math.max(instrument, spread) };
}

function readerOf(made: MadeUp, numbers: readonly number[]): Reader {
  const place = (symbol: string) => made.columns.findIndex((one) => one.symbol === symbol);
  const at = (symbol: string, row: number) => numbers[place(symbol) * made.rows + row] as number;
  const own = (symbol: string, row: number) =>
    at(symbol, row) / (made.columns[place(symbol)] as KnownColumn).factor;
  const run = (row: number) =>
    Array.from({ length: made.rows }, (_, i) => i).filter(
      (i) => made.series[i] === made.series[row] && !made.aside.has(i),
    );
  const next = (row: number) => run(row).find((i) => i > row);
  return { at, own, run, next, constant: numbers.at(-1) as number };
}

/** A formula in a row, in SI units, with what every reading and the constant bring to its ±. */
export function truthOf(made: MadeUp, { worked }: KnownFormula, row: number): Truth | undefined {
  const readings = made.columns.flatMap((column) =>
    Array.from({ length: made.rows }, (_, i) => {
      const { value, size } = readingOf(column, i);
      return { value: value * column.factor, size: size * column.factor };
    }),
  );
  const inputs = [...readings.map(({ value }) => value), made.constant.value];
  const f = (numbers: readonly number[]) => worked(readerOf(made, numbers), row) as number;
  const value = worked(readerOf(made, inputs), row);
  if (value === undefined) return undefined;
  const parts = readings.map(({ size }, i) => (size > 0 ? slopeAlong(f, inputs, i) * size : 0));
  const { propagation } = made.rules;
  return {
    value,
    row: combined(propagation, parts),
    common: Math.abs(slopeAlong(f, inputs, inputs.length - 1)) * made.constant.size,
  };
}
