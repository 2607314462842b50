import {
  type Decimal,
  decimalFromNumber,
  decimalToText,
  leadingPlace,
  roundToPlace,
  roundUpToPlace,
  timesPowerOfTen,
} from "./decimal";

/**
 * How many significant figures a ± is given: always 1; 1, but 2 where it begins with 1; always 2; or by DIN 1333-1, section
 * 5: 1, but 2 where it begins with 1 or 2, and rounded up.
 */
export const figuresOfUncertainty = ["one", "one-or-two", "two", "din-1333"] as const;
export type FiguresOfUncertainty = (typeof figuresOfUncertainty)[number];

/** A value and its ± rounded to the same decimal place, as plain text with "-" for minus. */
export interface Statement {
  readonly value: string;
  readonly uncertainty: string;
  /** The same pair as mantissas of one common power of ten; absent when the ± is zero. */
  readonly scientific?: {
    readonly value: string;
    readonly uncertainty: string;
    readonly exponent: number;
  };
}

function figuresFor(uncertainty: Decimal, rule: FiguresOfUncertainty): number {
  if (rule === "two") return 2;
  if (rule === "one") return 1;
  const twice = rule === "din-1333" ? /^[12]/ : /^1/;
  return twice.test(String(uncertainty.digits)) ? 2 : 1;
}

/** A ± at its last figure: to the nearest, or up where the rule wants that. */
const roundedUncertainty = (uncertainty: Decimal, place: number, rule: FiguresOfUncertainty) =>
  rule === "din-1333" ? roundUpToPlace(uncertainty, place) : roundToPlace(uncertainty, place);

/** A rounding that carries (0.0996 → 0.10) moves the last kept place up, so the figures stay as the rule says. */
function placeOfLastFigure(uncertainty: Decimal, rule: FiguresOfUncertainty): number {
  const leading = leadingPlace(uncertainty) ?? 0;
  const place = leading - figuresFor(uncertainty, rule) + 1;
  const carried = leadingPlace(roundedUncertainty(uncertainty, place, rule)) ?? leading;
  return place + (carried - leading);
}

/** The power of ten of the last figure that a ± has by the rule: −2 for 0.0123 to one figure, 1 for 24. */
export function placeOfUncertainty(uncertainty: number, rule: FiguresOfUncertainty): number {
  const exact = decimalFromNumber(Number(uncertainty.toPrecision(12)));
  return placeOfLastFigure(exact, rule);
}

function scientific(value: Decimal, uncertainty: Decimal): Statement["scientific"] {
  const exponent = Math.max(
    leadingPlace(value) ?? -Infinity,
    leadingPlace(uncertainty) ?? -Infinity,
  );
  return {
    value: decimalToText(timesPowerOfTen(value, -exponent)),
    uncertainty: decimalToText(timesPowerOfTen(uncertainty, -exponent)),
    exponent,
  };
}

/**
 * Rounds a value and its ± for people: the ± first, to the figures of the house rule, then the value
 * to the same decimal place; half away from zero on the decimal text, a ± by DIN 1333 up. A zero ± leaves the value as given.
 * @param uncertainty the ±, in the unit of the value, not below zero.
 * @throws RangeError when either number is not finite.
 */
export function roundStatement(
  value: number,
  uncertainty: number,
  rule: FiguresOfUncertainty,
): Statement {
  const exactValue = decimalFromNumber(value);
  if (uncertainty === 0) return { value: plainText(exactValue), uncertainty: "0" };
  const exactUncertainty = decimalFromNumber(uncertainty);
  const place = placeOfLastFigure(exactUncertainty, rule);
  const roundedValue = roundToPlace(exactValue, place);
  const ofUncertainty = roundedUncertainty(exactUncertainty, place, rule);
  return {
    value: decimalToText(roundedValue),
    uncertainty: decimalToText(ofUncertainty),
    scientific: scientific(roundedValue, ofUncertainty),
  };
}

function plainText(decimal: Decimal): string {
  return decimalToText(decimal.exponent > 0 ? roundToPlace(decimal, 0) : decimal);
}

/**
 * A number to so many significant figures, as plain text; zero is "0".
 * @throws RangeError when the number is not finite.
 */
export function toSignificantFigures(value: number, figures: number): string {
  const exact = decimalFromNumber(value);
  const leading = leadingPlace(exact);
  if (leading === undefined) return "0";
  const place = leading - figures + 1;
  const carried = leadingPlace(roundToPlace(exact, place)) ?? leading;
  return decimalToText(roundToPlace(exact, place + (carried - leading)));
}
