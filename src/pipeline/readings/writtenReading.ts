import { sureDecimals } from "@/core/number/givenNumber";
import { readNumber } from "@/core/number/readNumber";
import { type FiguresOfUncertainty, placeOfUncertainty } from "@/core/number/statement";
import {
  binaryNoise,
  commonPower,
  movedPoint,
  toDecimals,
  writePlainly,
  writePlainStatement,
} from "@/core/number/writtenNumber";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { typedField } from "@/investigation/model/uncertainty";
import type { EvaluatedQuantity, Measured } from "./evaluated";

/** A reading or a mean of repeats ready to be shown. */
export interface WrittenReading {
  readonly value: string;
  /** Absent where no ± is known. */
  readonly up?: string;
  readonly down?: string;
  /** A power of ten common to all; absent when written plainly. */
  readonly exponent?: number;
  /** Digits behind the point to which its ± lets the value be written; below 0 for places before it. Absent where there is no ±. */
  readonly decimals?: number;
}

/** Digits behind the point that a written number has. */
export function decimalsOf(written: string): number {
  const at = written.indexOf(".");
  return at < 0 ? 0 : written.length - at - 1;
}

/** The ± as it was typed for all readings alike, where it stands alone and is not worked out. */
function typedForAll(found: Measured, { quantity }: EvaluatedQuantity, power: number): string {
  if (found.spread.count !== 1 || quantity.uncertainty.kind !== "fixed" || found.derived) return "";
  const read = readNumber(typedField(quantity.uncertainty, "amount").replace(",", "."));
  if (read.kind !== "number" || read.number.value !== found.bars.up) return "";
  const { value, decimals } = read.number;
  const kept = power > 0 ? Math.max(0, sureDecimals(read.number) + power) : decimals + power;
  return toDecimals(movedPoint(value, -power), decimals > 0 ? decimals + power : kept);
}

const figuresWithoutUncertainty = 6;

/** A value that is worked out and has no ±: six figures, without zeros that say nothing. */
function withoutUncertainty(value: number): string {
  const written = writePlainly(value, figuresWithoutUncertainty);
  return written.includes(".") ? written.replace(/\.?0+$/, "") : written;
}

/** A rounded ± with the zeros of its reading, where they change nothing: 0.01 beside 1.587 as 0.010. */
function padded(written: string, bar: number, decimals: number): string {
  const long = toDecimals(bar, decimals);
  return Number(long) === Number(written) ? long : written;
}

/** The power of ten in which rows of one quantity are written together; 0 where they are written plainly. */
export function powerOfRows(rows: readonly (Measured | undefined)[]): number {
  return commonPower(rows.flatMap((one) => (one ? [one.value, one.bars.up, one.bars.down] : [])));
}

/** The decimals to which one reading is written in a power of ten: as it was read, unless its zeros only hold places. */
function readDecimals({ value, decimals, bars }: Measured, power: number, ofBar: number): number {
  if (power <= 0 || decimals > 0) return decimals + power;
  const sure = sureDecimals({ value, decimals }) + power;
  return Math.max(0, sure, meanBar(bars) === 0 ? 0 : ofBar);
}

/** What a row says, all numbers divided by a power of ten that is said elsewhere. */
function inPower(
  found: Measured,
  quantity: EvaluatedQuantity,
  rule: FiguresOfUncertainty,
  power: number,
): WrittenReading {
  const { spread } = found;
  const value = movedPoint(Number(found.value.toPrecision(15)), -power);
  const bar = (size: number) => movedPoint(Number(size.toPrecision(12)), -power);
  const bars = { up: bar(found.bars.up), down: bar(found.bars.down) };
  const size = meanBar(bars);
  const once = spread.count === 1 && !found.derived;
  if (size <= Math.abs(value) * binaryNoise) {
    if (found.derived) return { value: withoutUncertainty(value) };
    return { value: toDecimals(value, readDecimals(found, power, 0)) };
  }
  const statement = writePlainStatement(value, size, rule);
  const even = bars.up === bars.down;
  const rounded = (one: number) => writePlainStatement(0, one, rule).uncertainty;
  const up = even ? statement.uncertainty : rounded(bars.up);
  const down = even ? up : rounded(bars.down);
  const decimals = -placeOfUncertainty(size, rule);
  if (!once) return { value: statement.value, up, down, decimals };
  const typed = typedForAll(found, quantity, power);
  const own = readDecimals(found, power, decimalsOf(typed || up));
  return {
    value: toDecimals(value, own),
    up: typed || padded(up, bars.up, own),
    down: typed || padded(down, bars.down, own),
    decimals,
  };
}

/**
 * A single reading keeps the decimals it was read to; a mean of repeats follows its ±, or the readings where
 * there is none.
 * @param power a power of ten that stands in a heading; without it, a row has the one that it needs by itself.
 */
export function writeMeasured(
  found: Measured,
  quantity: EvaluatedQuantity,
  rule: FiguresOfUncertainty,
  power?: number,
): WrittenReading {
  if (power !== undefined) return inPower(found, quantity, rule, power);
  const own = powerOfRows([found]);
  const written = inPower(found, quantity, rule, own);
  return own === 0 ? written : { ...written, exponent: own };
}
