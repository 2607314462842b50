import {
  type Decimal,
  decimalFromNumber,
  decimalToText,
  leadingPlace,
  roundToPlace,
  timesPowerOfTen,
} from "./decimal";
import { type DecimalMark, type ReadNumber, readNumber } from "./readNumber";
import { wantsPower, withMinusSign, type WrittenNumber } from "./writtenNumber";

/** The number as it was typed, to its last digit: 18.0 has three digits, 1.2e3 two. */
function typedDecimal({ value, decimals }: Pick<ReadNumber, "value" | "decimals">): Decimal {
  return roundToPlace(decimalFromNumber(value), -decimals);
}

/**
 * A number that somebody gave, with just the digits that it was given: 0.90 stays 0.90, 1.60e-19 is 1.60 × 10⁻¹⁹, and
 * 1.2e3 is 1.2 × 10³, for as 1200 it would claim two digits more.
 */
export function writeGiven(given: Pick<ReadNumber, "value" | "decimals">): WrittenNumber {
  const decimal = typedDecimal(given);
  const leading = leadingPlace(decimal) ?? 0;
  if (!wantsPower(leading) && given.decimals >= 0) {
    return { mantissa: withMinusSign(decimalToText(decimal)) };
  }
  if (leading === 0) return { mantissa: withMinusSign(decimalToText(decimal)) };
  const mantissa = withMinusSign(decimalToText(timesPowerOfTen(decimal, -leading)));
  return { mantissa, exponent: leading };
}

/** A value and its ± as they were given, with one power of ten for both. */
export interface GivenPair {
  readonly value: string;
  readonly uncertainty?: string;
  readonly exponent?: number;
}

/** The same of a value with its ±, which stays as it was given too. */
export function writeGivenPair(
  value: Pick<ReadNumber, "value" | "decimals">,
  uncertainty: Pick<ReadNumber, "value" | "decimals"> | undefined,
): GivenPair {
  const { mantissa, exponent } = writeGiven(value);
  if (!uncertainty || uncertainty.value === 0) {
    return { value: mantissa, ...(exponent !== undefined && { exponent }) };
  }
  const size = timesPowerOfTen(typedDecimal(uncertainty), -(exponent ?? 0));
  return {
    value: mantissa,
    uncertainty: decimalToText(size),
    ...(exponent !== undefined && { exponent }),
  };
}

/**
 * Decimals of a typed number that say something: the zeros at the end of a whole number may only hold its place, and a 0
 * alone says nothing of its place (−∞).
 */
export function sureDecimals({ value, decimals }: Pick<ReadNumber, "value" | "decimals">): number {
  if (decimals > 0) return decimals;
  if (value === 0) return -Infinity;
  const { digits, exponent } = decimalFromNumber(value);
  const zeros = /0*$/.exec(String(digits))?.[0].length ?? 0;
  return -(exponent + zeros);
}

/** What was typed as a value, perhaps with its ± behind it, and as its ±; undefined where that is no number. */
export function givenText(
  value: string,
  uncertainty: string,
  mark: DecimalMark,
): GivenPair | undefined {
  const read = readNumber(value, mark);
  if (read.kind !== "number") return undefined;
  const own = readNumber(uncertainty, mark);
  if (own.kind === "number") return writeGivenPair(read.number, own.number);
  const { uncertainty: beside } = read.number;
  const size = beside === undefined ? undefined : decimalFromNumber(beside);
  return writeGivenPair(
    read.number,
    size && { value: beside as number, decimals: Math.max(-size.exponent, read.number.decimals) },
  );
}
