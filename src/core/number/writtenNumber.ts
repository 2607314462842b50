import {
  decimalFromNumber,
  leadingPlace,
  roundToPlace,
  decimalToText,
  timesPowerOfTen,
} from "./decimal";
import { type FiguresOfUncertainty, roundStatement, toSignificantFigures } from "./statement";

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
function wantsPower(exponent: number): boolean {
  return exponent < -3 || exponent > 5;
}

/** Replaces the hyphen of plain number text by a minus sign. */
export function withMinusSign(text: string): string {
  return text.replace(/-/g, minus);
}

/** A ± below this part of its value is nothing but rounding of the arithmetic. */
const binaryNoise = 1e-13;

function withoutTrailingZeros({ mantissa, exponent }: WrittenNumber) {
  const value = mantissa.includes(".") ? mantissa.replace(/\.?0+$/, "") : mantissa;
  return { value, exponent };
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
  const statement = roundStatement(
    Number(value.toPrecision(15)),
    Number(uncertainty.toPrecision(12)),
    rule,
  );
  if (statement.scientific && wantsPower(statement.scientific.exponent)) {
    const { exponent, value: mantissa, uncertainty: spread } = statement.scientific;
    return { value: withMinusSign(mantissa), uncertainty: spread, exponent };
  }
  return { value: withMinusSign(statement.value), uncertainty: statement.uncertainty };
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
  return writeNumber(clean, Number(clean.toPrecision(1)) === clean ? 1 : 2);
}

/**
 * A ± in the working, before the house rule rounds it: as a part, or in further figures where these two would be rounded
 * otherwise than the ± itself: 0.0146, not 0.015, before ± 0.01.
 */
export function writeUnroundedUncertainty(size: number, rule: FiguresOfUncertainty): WrittenNumber {
  const clean = Number(size.toPrecision(12));
  const stated = (of: number) => roundStatement(0, of, rule).uncertainty;
  const figures = faithfulFigures(clean, 2, stated);
  return figures > 2 ? writeNumber(clean, figures) : writePart(clean);
}

/** A value in the working: a place further than its ± of one figure, or as far as makes the statement follow from it. */
export function writeUnroundedValue(
  value: number,
  size: number,
  rule: FiguresOfUncertainty,
): WrittenNumber {
  const clean = Number(value.toPrecision(15));
  const guarded = guardedFigures(value, size);
  if (!(size > Math.abs(value) * binaryNoise)) return writeNumber(clean, guarded);
  const stated = (of: number) => roundStatement(of, Number(size.toPrecision(12)), rule).value;
  return writeNumber(clean, faithfulFigures(clean, guarded, stated));
}
