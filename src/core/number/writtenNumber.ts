import {
  decimalFromNumber,
  leadingPlace,
  roundToPlace,
  decimalToText,
  timesPowerOfTen,
} from "./decimal";
import {
  type FiguresOfUncertainty,
  roundStatement,
  type Statement,
  toSignificantFigures,
} from "./statement";

const minus = "−";

/** A number ready to be shown: typographic minus, and a power of ten of its own where one is wanted. */
export interface WrittenNumber {
  readonly mantissa: string;
  /** Absent when the number is written plainly. */
  readonly exponent?: number;
}

/** A value and its ± ready to be shown; the power of ten stands outside the brackets of both. */
export interface WrittenStatement {
  readonly value: string;
  readonly uncertainty: string;
  readonly exponent?: number;
}

/** Powers of ten outside 10⁻³ … 10⁵ are written as such. */
export function wantsPower(exponent: number): boolean {
  return exponent < -3 || exponent > 5;
}

/** Replaces the hyphen of plain number text by a minus sign. */
export function withMinusSign(text: string): string {
  return text.replace(/-/g, minus);
}

/** A ± below this part of its value is nothing but rounding of the arithmetic. */
export const binaryNoise = 1e-13;

/**
 * The power of ten in which numbers of one column, with their ±, are written: that of the largest; 0 where it is written
 * plainly (calculation § 6).
 */
export function commonPower(sizes: readonly number[]): number {
  const largest = sizes.reduce((most, size) => Math.max(most, Math.abs(size)), 0);
  const leading = leadingPlace(decimalFromNumber(Number(largest.toPrecision(12))));
  return leading !== undefined && wantsPower(leading) ? leading : 0;
}

/** A number × 10^power, exactly as its decimal text says. */
export function movedPoint(value: number, power: number): number {
  if (power === 0) return value;
  const { negative, digits, exponent } = decimalFromNumber(value);
  return Number(`${negative ? "-" : ""}${digits}e${exponent + power}`);
}

/** A number to so many decimals; below 0 to a place before the point. */
export function toDecimals(value: number, decimals: number): string {
  const exact = decimalFromNumber(Number(value.toPrecision(15)));
  return withMinusSign(decimalToText(roundToPlace(exact, -decimals)));
}

/** A number to so many figures without any power of ten, for numbers that stand in a sentence: 0.00051, 120. */
export function writePlainly(value: number, figures: number): string {
  return withMinusSign(toSignificantFigures(Number(value.toPrecision(12)), figures));
}

/** A chosen number as it is read aloud: with just the digits that it has, and no power of ten. */
export function writeWithoutPower(value: number): string {
  const written = writePlainly(value, 12);
  return written.includes(".") ? written.replace(/\.?0+$/, "") : written;
}

/** A percentage in a sentence: two figures, three from 10 % on, and never fewer than stand before the point. */
export function writePercent(percent: number): string {
  const size = Math.abs(percent);
  return writePlainly(percent, size < 10 ? 2 : Math.max(3, Math.floor(Math.log10(size)) + 1));
}

function withoutTrailingZeros({ mantissa, exponent }: WrittenNumber) {
  const value = mantissa.includes(".") ? mantissa.replace(/\.?0+$/, "") : mantissa;
  return { value, exponent };
}

function rounded(value: number, uncertainty: number, rule: FiguresOfUncertainty): Statement {
  return roundStatement(Number(value.toPrecision(15)), Number(uncertainty.toPrecision(12)), rule);
}

/**
 * A value and its ±, rounded by the house rule, as it is shown on a page. What binary arithmetic leaves in the last
 * digits is dropped first, so that a half of (5.81 − 5.72) is 0.045 and rounds up.
 */
export function writeStatement(
  value: number,
  uncertainty: number,
  rule: FiguresOfUncertainty,
): WrittenStatement {
  if (uncertainty <= Math.abs(value) * binaryNoise) {
    const written = writeNumber(Number(value.toPrecision(12)), 12);
    return { ...withoutTrailingZeros(written), uncertainty: "0" };
  }
  const statement = rounded(value, uncertainty, rule);
  if (statement.scientific && wantsPower(statement.scientific.exponent)) {
    const { exponent, value: mantissa, uncertainty: spread } = statement.scientific;
    return { value: withMinusSign(mantissa), uncertainty: spread, exponent };
  }
  return { value: withMinusSign(statement.value), uncertainty: statement.uncertainty };
}

/** The same where a power of ten stands elsewhere, as in the heading of a column, or can't stand at all. */
export function writePlainStatement(
  value: number,
  uncertainty: number,
  rule: FiguresOfUncertainty,
): WrittenStatement {
  const statement = rounded(value, uncertainty, rule);
  return { value: withMinusSign(statement.value), uncertainty: statement.uncertainty };
}

/** A ± by itself, by the house rule, with a power of ten where it needs one. */
export function writeSize(size: number, rule: FiguresOfUncertainty): WrittenNumber {
  const { uncertainty, exponent } = writeStatement(0, size, rule);
  return { mantissa: uncertainty, ...(exponent !== undefined && { exponent }) };
}

const fewFigures = 2;
const mostFigures = 12;
const figuresWithoutUncertainty = 4;

/** A number that was chosen, such as a step along an axis: with just the figures that it has, 0.094 as 0.094. */
export function writeChosenNumber(value: number): WrittenNumber {
  const written = writeNumber(Number(value.toPrecision(12)), 12);
  const { value: mantissa, exponent } = withoutTrailingZeros(written);
  return { mantissa, ...(exponent !== undefined && { exponent }) };
}

/** How many significant figures a middle value keeps: one place further than a ± of one figure, so that rounding later does no harm. */
export function guardedFigures(value: number, uncertainty: number): number {
  if (value === 0 || !(uncertainty > Math.abs(value) * binaryNoise))
    return figuresWithoutUncertainty;
  const place = (of: number) => Math.floor(Math.log10(of) + binaryNoise);
  const figures = place(Math.abs(value)) - place(uncertainty) + 2;
  return Math.min(mostFigures, Math.max(fewFigures, figures));
}

/** A number to so many significant figures, as it is shown on a page. */
export function writeNumber(value: number, figures: number): WrittenNumber {
  const exact = decimalFromNumber(value);
  const leading = leadingPlace(exact);
  if (leading === undefined) return { mantissa: "0" };
  const place = leading - figures + 1;
  const rounded = roundToPlace(exact, place);
  const exponent = leadingPlace(rounded) ?? leading;
  const last = place + (exponent - leading);
  const kept = roundToPlace(exact, last);
  if (wantsPower(exponent)) {
    return {
      mantissa: withMinusSign(decimalToText(timesPowerOfTen(kept, -exponent))),
      exponent,
    };
  }
  return { mantissa: withMinusSign(decimalToText(kept)) };
}

/** A number in a working: to so many figures, but never with zeros that only hold places before the point. */
export function writeInWorking(value: number, figures: number): WrittenNumber {
  const clean = Number(value.toPrecision(15));
  const leading = leadingPlace(decimalFromNumber(clean)) ?? 0;
  return writeNumber(clean, wantsPower(leading) ? figures : Math.max(figures, leading + 1));
}

/** As few figures, from so many on, as leave the statement that follows the same. */
function faithfulFigures(number: number, from: number, stated: (of: number) => string): number {
  const wanted = stated(number);
  let figures = from;
  while (
    figures < mostFigures &&
    stated(Number(toSignificantFigures(number, figures))) !== wanted
  ) {
    figures++;
  }
  return figures;
}

/** A ± in the working: in the one figure that says it exactly, or in two. */
export function writePart(size: number): WrittenNumber {
  const clean = Number(size.toPrecision(12));
  return writeInWorking(clean, Number(clean.toPrecision(1)) === clean ? 1 : 2);
}

/**
 * A ± in the working, before the house rule rounds it: as a part, or in further figures where these two would be rounded
 * otherwise than the ± itself: 0.0146, not 0.015, before ± 0.01.
 */
export function writeUnroundedUncertainty(size: number, rule: FiguresOfUncertainty): WrittenNumber {
  const clean = Number(size.toPrecision(12));
  const stated = (of: number) => roundStatement(0, of, rule).uncertainty;
  const figures = faithfulFigures(clean, 2, stated);
  return figures > 2 ? writeInWorking(clean, figures) : writePart(clean);
}

/** A value below this part of its ± is nothing beside it. */
const nothingBeside = 1e-3;

/** A value that is nothing beside its ±: a zero, to a place further than the ± has. */
function writeNothing(value: number, size: number): WrittenNumber {
  const { mantissa, exponent } = writeNumber(size, fewFigures);
  const point = mantissa.indexOf(".");
  const decimals = point < 0 ? 0 : mantissa.length - point - 1;
  const written = toDecimals(movedPoint(value, -(exponent ?? 0)), decimals);
  return { mantissa: written, ...(exponent !== undefined && { exponent }) };
}

/** A value in the working: a place further than its ± of one figure, or as far as makes the statement follow from it. */
export function writeUnroundedValue(
  value: number,
  size: number,
  rule: FiguresOfUncertainty,
): WrittenNumber {
  const clean = Number(value.toPrecision(15));
  const guarded = guardedFigures(value, size);
  if (Math.abs(value) < nothingBeside * size) return writeNothing(value, size);
  if (!(size > Math.abs(value) * binaryNoise)) return writeInWorking(clean, guarded);
  const stated = (of: number) => roundStatement(of, Number(size.toPrecision(12)), rule).value;
  return writeInWorking(clean, faithfulFigures(clean, guarded, stated));
}
