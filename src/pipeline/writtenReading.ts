import { decimalFromNumber, decimalToText, roundToPlace } from "@/core/number/decimal";
import type { FiguresOfUncertainty } from "@/core/number/statement";
import { withMinusSign, writeNumber, writeStatement } from "@/core/number/writtenNumber";
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
}

function toDecimals(value: number, decimals: number): string {
  return withMinusSign(decimalToText(roundToPlace(decimalFromNumber(value), -decimals)));
}

/** The ± as it was typed for all readings alike, where it stands alone and is not worked out. */
function typedForAll(found: Measured, { quantity }: EvaluatedQuantity): string {
  const alone = found.spread.count === 1 && quantity.uncertainty.kind === "fixed";
  return alone ? typedField(quantity.uncertainty, "amount").trim().replace(",", ".") : "";
}

const figuresWithoutUncertainty = 6;

/** A value that is worked out and has no ±: six figures, without zeros that say nothing. */
function withoutUncertainty(value: number): WrittenReading {
  const { mantissa, exponent } = writeNumber(
    Number(value.toPrecision(15)),
    figuresWithoutUncertainty,
  );
  const short = mantissa.includes(".") ? mantissa.replace(/\.?0+$/, "") : mantissa;
  return { value: short, ...(exponent !== undefined && { exponent }) };
}

/** A rounded ± with the zeros of its reading, where they change nothing: 0.01 beside 1.587 as 0.010. */
function padded(written: string, bar: number, decimals: number): string {
  const long = toDecimals(bar, decimals);
  return Number(long) === Number(written) ? long : written;
}

/**
 * A single reading keeps the decimals it was read to; a mean of repeats follows its ±, or the readings where
 * there is none.
 */
export function writeMeasured(
  found: Measured,
  quantity: EvaluatedQuantity,
  rule: FiguresOfUncertainty,
): WrittenReading {
  const { bars, value, decimals, spread } = found;
  const size = meanBar(bars);
  if (size === 0 && found.derived) return withoutUncertainty(value);
  if (size === 0) return { value: toDecimals(value, decimals) };
  const statement = writeStatement(value, size, rule);
  const { exponent } = statement;
  const rounded = (bar: number) => writeStatement(0, bar, rule).uncertainty;
  const even = bars.up === bars.down;
  const typed = typedForAll(found, quantity);
  const up = typed || (even || exponent !== undefined ? statement.uncertainty : rounded(bars.up));
  const down = even || exponent !== undefined ? up : rounded(bars.down);
  if (spread.count === 1 && exponent === undefined && !found.derived) {
    const [high, low] = [padded(up, bars.up, decimals), padded(down, bars.down, decimals)];
    return { value: toDecimals(value, decimals), up: typed || high, down: typed || low };
  }
  return { value: statement.value, up, down, ...(exponent !== undefined && { exponent }) };
}
