import { combined, halfSpan, mean, slopeAlong, sum } from "./arithmetic";
import type { KnownColumn, KnownFormula, MadeUp, Reader, RepeatRules } from "./madeUpSheet";

export interface Truth {
  readonly value: number;
  /** By the readings. */
  readonly row: number;
  /** By the constant. */
  readonly common: number;
}

/** What repeats leave open: half their range, their standard deviation, or that of their mean. */
export function scatterOf(values: readonly number[], { spread }: RepeatRules): number {
  if (spread === "half-range") return halfSpan(values);
  const middle = mean(values);
  const squares = sum(values.map((one) => (one - middle) ** 2));
  const deviation = Math.sqrt(squares / (values.length - 1));
  return spread === "standard-error" ? deviation / Math.sqrt(values.length) : deviation;
}

/** The instrument's ± and that of repeats as one; a single reading has the instrument's alone. */
export function joined(instrument: number, values: readonly number[], rules: RepeatRules): number {
  if (values.length < 2) return instrument;
  const scatter = scatterOf(values, rules);
  return {
    larger: Math.max(instrument, scatter),
    quadrature: Math.sqrt(instrument ** 2 + scatter ** 2),
    sum: instrument + scatter,
    "spread-only": scatter,
    "instrument-only": instrument,
  }[rules.combination];
}

/** The mean of a row's repeats with its ± upwards and downwards, and the mean of both, in the typed unit. */
export function readingOf(column: KnownColumn, row: number) {
  const repeats = column.repeats[row] as readonly number[];
  const value = mean(repeats);
  const instrument = {
    none: 0,
    fixed: column.amount,
    unlike: column.amount,
    percent: (Math.abs(value) * column.amount) / 100,
    "last-digit": column.lastDigit,
    column: Number(column.beside[row]),
    percents: (Math.abs(value) * Number(column.beside[row])) / 100,
  }[column.pm];
  const up = joined(instrument, repeats, column.repeated);
  const down = joined(column.pm === "unlike" ? column.below : instrument, repeats, column.repeated);
  return { value, up, down, size: (up + down) / 2 };
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
