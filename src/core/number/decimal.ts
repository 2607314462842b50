/**
 * A number as it is written in the decimal system: ± digits × 10^exponent, with no binary rounding.
 * Rounding for people must follow the decimal text (2.345 → 2.35), not its binary neighbour.
 */
export interface Decimal {
  readonly negative: boolean;
  /** All digits as one whole number, never below zero. */
  readonly digits: bigint;
  /** Power of ten of the last digit. */
  readonly exponent: number;
}

const plainDecimal = /^([+-]?)(\d*)(?:\.(\d*))?(?:[eE]([+-]?\d+))?$/;

/**
 * Reads decimal text such as "-12.30" or "6.6e-34"; trailing zeros are kept as digits.
 * @returns undefined when the text is not a plain decimal number.
 */
export function decimalFromText(text: string): Decimal | undefined {
  const match = plainDecimal.exec(text);
  if (!match) return undefined;
  const whole = match[2] ?? "";
  const fraction = match[3] ?? "";
  if (whole + fraction === "") return undefined;
  return {
    negative: match[1] === "-",
    digits: BigInt(whole + fraction),
    exponent: Number(match[4] ?? 0) - fraction.length,
  };
}

/**
 * The shortest decimal that stands for a finite double, as JavaScript writes it.
 * @throws RangeError for NaN and infinities: these must not reach a reader.
 */
export function decimalFromNumber(value: number): Decimal {
  const decimal = decimalFromText(String(value));
  if (!decimal) throw new RangeError(`not a finite number: ${value}`);
  return decimal;
}

/**
 * Power of ten of the first digit that is not zero: 3 for 1204, −2 for 0.036.
 * @returns undefined for zero.
 */
export function leadingPlace(decimal: Decimal): number | undefined {
  return decimal.digits === 0n ? undefined : decimal.exponent + String(decimal.digits).length - 1;
}

/**
 * Rounds half away from zero so that the last digit kept stands at 10^place.
 * A place below the last digit adds zeros: 2.5 at place −2 is 2.50.
 */
export function roundToPlace(decimal: Decimal, place: number): Decimal {
  const shift = place - decimal.exponent;
  if (shift <= 0) {
    return { ...decimal, digits: decimal.digits * 10n ** BigInt(-shift), exponent: place };
  }
  const unit = 10n ** BigInt(shift);
  return {
    negative: decimal.negative,
    digits: (decimal.digits + unit / 2n) / unit,
    exponent: place,
  };
}

/** Rounds away from zero, so that what is kept at 10^place is no smaller than it was. */
export function roundUpToPlace(decimal: Decimal, place: number): Decimal {
  const shift = place - decimal.exponent;
  if (shift <= 0) return roundToPlace(decimal, place);
  const unit = 10n ** BigInt(shift);
  return { ...decimal, digits: (decimal.digits + unit - 1n) / unit, exponent: place };
}

/** Plain decimal text without a power of ten; a rounded zero carries no minus sign. */
export function decimalToText(decimal: Decimal): string {
  const sign = decimal.negative && decimal.digits !== 0n ? "-" : "";
  if (decimal.exponent >= 0) {
    const zeros = decimal.digits === 0n ? "" : "0".repeat(decimal.exponent);
    return sign + String(decimal.digits) + zeros;
  }
  const decimals = -decimal.exponent;
  const padded = String(decimal.digits).padStart(decimals + 1, "0");
  return `${sign}${padded.slice(0, -decimals)}.${padded.slice(-decimals)}`;
}

/** The same number with its point moved: value × 10^power. */
export function timesPowerOfTen(decimal: Decimal, power: number): Decimal {
  return { ...decimal, exponent: decimal.exponent + power };
}
