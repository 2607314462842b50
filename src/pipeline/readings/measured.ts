import { Latest } from "@/remembered/latest";
import type { NumberReading, ReadNumber } from "@/core/number/readNumber";
import { type Spread, spreadOf } from "@/core/statistics/spread";
import { type Bars, evenBars, instrumentBars } from "@/core/uncertainty/instrumentPart";
import { combineParts, spreadPart } from "@/core/uncertainty/readingUncertainty";
import { cellKey, reasonSetAside } from "@/investigation/model/row";
import {
  type EvaluatedQuantity,
  type EvaluatedRow,
  isRemarks,
  type Measured,
  type UncertaintyColumn,
} from "./evaluated";
import { atOnce, type Steps } from "./steps";

interface Taken {
  readonly taking: readonly ReadNumber[];
  readonly aside: readonly ReadNumber[];
}

/** The cell keys of a quantity by repeat, made once. */
const keys = new Map<string, string[]>();

function keyOf(quantity: string, repeat: number): string {
  if (repeat === 1) return quantity;
  let known = keys.get(quantity);
  if (!known) keys.set(quantity, (known = []));
  return (known[repeat] ??= cellKey(quantity, repeat));
}

function lastRepeat(row: EvaluatedRow, { id, quantity }: EvaluatedQuantity): number {
  return Math.max(quantity.repeats, row.lastRepeat?.[id] ?? 1);
}

/** The readings of a quantity in a row, cell by cell; empty cells are left out. */
export function repeatsOf(
  row: EvaluatedRow,
  quantity: EvaluatedQuantity,
): { readonly cell: string; readonly reading: NumberReading; readonly aside: boolean }[] {
  const found: {
    readonly cell: string;
    readonly reading: NumberReading;
    readonly aside: boolean;
  }[] = [];
  if (isRemarks(quantity)) return found;
  for (let repeat = 1; repeat <= lastRepeat(row, quantity); repeat++) {
    const cell = keyOf(quantity.id, repeat);
    const reading = row.readings[cell];
    if (!reading || reading.kind === "empty") continue;
    found.push({ cell, reading, aside: reasonSetAside(row.row, cell) !== undefined });
  }
  return found;
}

function taken(row: EvaluatedRow, quantity: EvaluatedQuantity): Taken {
  const taking: ReadNumber[] = [];
  const aside: ReadNumber[] = [];
  for (const { reading, aside: left } of repeatsOf(row, quantity)) {
    if (reading.kind === "number") (left ? aside : taking).push(reading.number);
  }
  return { taking, aside };
}

/** The ± in the column beside a reading; undefined where that is blank. */
function barsBeside(value: number, row: EvaluatedRow, column: UncertaintyColumn): Bars | undefined {
  const beside = row.readings[column.id];
  const typed = beside?.kind === "number" ? beside.number.value : undefined;
  const size = column.worked ? column.worked(row) : typed;
  if (size === undefined) return undefined;
  const of = column.percent ? Math.abs(value) : 1;
  return evenBars(Math.abs(size) * column.factor * of);
}

/** The ± of one reading: its own where it was typed with it, else the quantity's; undefined where it should stand and doesn't. */
function barsOfReading(
  number: ReadNumber,
  row: EvaluatedRow,
  quantity: EvaluatedQuantity,
): Bars | undefined {
  const { uncertainty, uncertaintyDown } = number;
  if (uncertainty !== undefined) return { up: uncertainty, down: uncertaintyDown ?? uncertainty };
  if (quantity.column) return barsBeside(number.value, row, quantity.column);
  return quantity.instrument ? instrumentBars(quantity.instrument, number) : evenBars(0);
}

/** The instrument's part of a mean: it is shared by all repeats, so averaging does not shrink it. */
function meanBars(all: readonly Bars[]): Bars {
  const mean = (of: (bars: Bars) => number) =>
    all.reduce((sum, bars) => sum + of(bars), 0) / all.length;
  return { up: mean(({ up }) => up), down: mean(({ down }) => down) };
}

/** A mean of one reading is that reading, and its ± is the instrument's. */
function measuredOnce(row: EvaluatedRow, quantity: EvaluatedQuantity): Measured | undefined {
  const reading = row.readings[quantity.id];
  if (reading?.kind !== "number") return undefined;
  const { value, decimals } = reading.number;
  const known = barsOfReading(reading.number, row, quantity);
  const bars = known ?? evenBars(0);
  const aside = reasonSetAside(row.row, quantity.id) !== undefined;
  const spread = spreadOf([value]) as Spread;
  const found = { value, bars, instrument: bars, scatter: undefined, spread, decimals, aside };
  return known ? found : { ...found, unstated: true };
}

function measure(row: EvaluatedRow, quantity: EvaluatedQuantity): Measured | undefined {
  if (lastRepeat(row, quantity) === 1) return measuredOnce(row, quantity);
  const { taking, aside } = taken(row, quantity);
  const numbers = taking.length > 0 ? taking : aside;
  const spread = spreadOf(numbers.map(({ value }) => value));
  if (!spread) return undefined;
  const known = numbers.map((number) => barsOfReading(number, row, quantity));
  const unstated = known.some((bars) => bars === undefined);
  const all = known.map((bars) => bars ?? evenBars(0));
  const instrument = all.length === 1 ? (all[0] as Bars) : meanBars(all);
  const scatter = spreadPart(quantity.spread, spread);
  return {
    ...(unstated && { unstated }),
    value: spread.mean,
    spread,
    instrument,
    scatter,
    aside: taking.length === 0,
    bars: {
      up: combineParts(quantity.combination, instrument.up, scatter),
      down: combineParts(quantity.combination, instrument.down, scatter),
    },
    decimals: Math.max(...numbers.map(({ decimals }) => decimals)),
  };
}

interface Column {
  readonly rows: readonly EvaluatedRow[];
  readonly values: readonly (Measured | undefined)[];
}

const newest = new Latest<EvaluatedQuantity, Column>();

/** Where rows stand otherwise than before, each is looked for by itself; one that changed in its place is not. */
function valueBefore({ rows, values }: Column) {
  let places: Map<EvaluatedRow, number> | undefined;
  return (row: EvaluatedRow, index: number): Measured | undefined => {
    const standing = rows[index];
    if (standing === row) return values[index];
    if (standing === undefined || standing.id === row.id) return undefined;
    places ??= new Map(rows.map((one, at) => [one, at]));
    const at = places.get(row);
    return at === undefined ? undefined : values[at];
  };
}

const rowsInAStep = 2048;

/** What every row says of a quantity, row by row, with a pause after many; only rows that changed are worked out anew. */
export function* measuringColumn(
  rows: readonly EvaluatedRow[],
  quantity: EvaluatedQuantity,
): Steps<readonly (Measured | undefined)[]> {
  const before = newest.of(quantity);
  if (before?.rows === rows) return before.values;
  const known = before && valueBefore(before);
  const values = new Array<Measured | undefined>(rows.length);
  for (let index = 0; index < rows.length; index++) {
    const row = rows[index] as EvaluatedRow;
    values[index] = known?.(row, index) ?? measured(row, quantity);
    if (index % rowsInAStep === rowsInAStep - 1) yield;
  }
  newest.keep(quantity, { rows, values });
  return values;
}

/** What every row says of a quantity, row by row. */
export function measuredColumn(
  rows: readonly EvaluatedRow[],
  quantity: EvaluatedQuantity,
): readonly (Measured | undefined)[] {
  return atOnce(measuringColumn(rows, quantity));
}

/** What a row says of a quantity, or undefined where it has no number. */
export function measured(row: EvaluatedRow, quantity: EvaluatedQuantity): Measured | undefined {
  return quantity.derived ? quantity.derived.values.get(row) : measure(row, quantity);
}
