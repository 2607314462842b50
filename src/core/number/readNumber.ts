import type { NumberFault } from "../finding/finding";
import { type Decimal, decimalFromText, decimalToText } from "./decimal";

/** Which character parts the whole from the fraction in typed numbers. */
export const decimalMarks = ["point", "comma"] as const;
export type DecimalMark = (typeof decimalMarks)[number];

/** A typed number with the precision to which it was written. */
export interface ReadNumber {
  readonly value: number;
  /** Digits after the decimal mark: 2 for 18.00, 0 for 18, and −2 for 1.2e3's last digit at 10². */
  readonly decimals: number;
  readonly significantFigures: number;
  /** The ± typed with the number, in its unit, as in "12.3 ± 0.2" or "12.3(2)". */
  readonly uncertainty?: number;
  /** The ± downwards where it was typed apart, as in "12.3 +0.2 -0.1"; `uncertainty` is then the one upwards. */
  readonly uncertaintyDown?: number;
}

export type NumberReading =
  | { readonly kind: "empty" }
  | { readonly kind: "number"; readonly number: ReadNumber }
  | { readonly kind: "unreadable"; readonly finding: NumberFault };

/** Squares and products of readings stay far from the ends of binary numbers. */
const greatest = 1e100;
const least = 1e-100;

const superscripts = "⁰¹²³⁴⁵⁶⁷⁸⁹";

function plainExponent(text: string): string {
  return [...text]
    .map((character) => {
      const digit = superscripts.indexOf(character);
      if (digit >= 0) return String(digit);
      return character === "⁻" ? "-" : character;
    })
    .join("");
}

/** Brings minus signs, spaces, powers of ten and the decimal mark to one plain spelling. */
function plainSpelling(text: string, mark: DecimalMark): string {
  const unsigned = text.replace(/[−–﹣-]/g, "-").replace(/[\s\u00a0\u2009\u202f]+/g, "");
  const powered = unsigned.replace(
    /(?:[×x*·⋅]10)(?:\^?\(?([+-]?\d+)\)?|([⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+))/i,
    (_, plain: string | undefined, raised: string | undefined) =>
      `e${plain ?? plainExponent(raised ?? "").replace("⁺", "+")}`,
  );
  return mark === "comma" ? powered.replaceAll(",", ".") : powered;
}

function figuresOf(decimal: Decimal): number {
  const digits = String(decimal.digits);
  return digits === "0" ? 1 : digits.length;
}

function numberOf(decimal: Decimal): number {
  const sign = decimal.negative && decimal.digits !== 0n ? "-" : "";
  return Number(`${sign}${decimal.digits}e${decimal.exponent}`);
}

function readWith(decimal: Decimal, uncertainty?: number, uncertaintyDown?: number): NumberReading {
  const value = numberOf(decimal);
  const size = Math.abs(value);
  if (size > greatest) return { kind: "unreadable", finding: { name: "number-too-large" } };
  if (size < least && decimal.digits !== 0n) {
    return { kind: "unreadable", finding: { name: "number-too-small" } };
  }
  const number: ReadNumber = {
    value,
    decimals: decimal.exponent === 0 ? 0 : -decimal.exponent,
    significantFigures: figuresOf(decimal),
  };
  return {
    kind: "number",
    number: {
      ...number,
      ...(uncertainty !== undefined && { uncertainty }),
      ...(uncertaintyDown !== undefined && { uncertaintyDown }),
    },
  };
}

/** "(1.23±0.07)e4" → both parts carry the power of ten. */
function readPlusMinus(spelling: string): NumberReading | undefined {
  const common = /^\((.+)\)(e[+-]?\d+)$/.exec(spelling);
  const body = common?.[1] ?? spelling;
  const power = common?.[2] ?? "";
  const [left, right, ...more] = body.split(/±|\+\/-|\+-/);
  if (left === undefined || right === undefined || more.length > 0) return undefined;
  const value = decimalFromText(left + power);
  const spread = decimalFromText(right + power);
  if (!value || !spread) return undefined;
  if (spread.negative) return { kind: "unreadable", finding: { name: "uncertainty-below-zero" } };
  return readWith(value, numberOf(spread));
}

/** "12.3+0.2-0.1" → the ± up and down apart. */
function readUpAndDown(spelling: string): NumberReading | undefined {
  const match = /^([+-]?[\d.]+(?:e[+-]?\d+)?)\+([\d.]+)\/?-([\d.]+)(e[+-]?\d+)?$/.exec(spelling);
  if (!match) return undefined;
  const power = match[4] ?? "";
  const [value, up, down] = [match[1], match[2], match[3]].map((part) =>
    decimalFromText((part ?? "") + power),
  );
  return value && up && down ? readWith(value, numberOf(up), numberOf(down)) : undefined;
}

/** "12.3(2)" → the digits in brackets stand at the last places of the value. */
function readBracketed(spelling: string): NumberReading | undefined {
  const match = /^([+-]?[\d.]+)\((\d+)\)(e[+-]?\d+)?$/.exec(spelling);
  if (!match) return undefined;
  const value = decimalFromText((match[1] ?? "") + (match[3] ?? ""));
  if (!value) return undefined;
  return readWith(
    value,
    numberOf({ negative: false, digits: BigInt(match[2] ?? 0), exponent: value.exponent }),
  );
}

/** A number with something behind it that looks like a unit. */
const numberAndUnit = /^[+\-−]?\d+(?:[.,]\d+)?\s*([a-zA-ZµμΩΩ°%][a-zA-Zµμ°%Ω0-9/·^⁻¹²³ -]*)$/;

function reasonFor(text: string, spelling: string, mark: DecimalMark): NumberFault {
  if (/^[+-]?[\d.]+\/[\d.]+$/.test(spelling)) return { name: "fraction-is-no-reading", text };
  const swapped = decimalFromText(mark === "point" ? spelling.replace(",", ".") : spelling);
  if (mark === "point" && swapped) {
    return { name: "comma-where-point-is-used", text, meant: decimalToText(swapped) };
  }
  const unit = numberAndUnit.exec(text)?.[1];
  return unit === undefined ? { name: "not-a-number", text } : { name: "unit-beside-number", text, unit };
} // prettier-ignore

const plainDigits = /^-?\d+(?:\.\d+)?$/;
const mostDigits = 15;

/** A short number of digits alone, as nearly all are: what `readWith` makes of it, without big integers. */
function readDigits(text: string): NumberReading | undefined {
  if (text.length > mostDigits || !plainDigits.test(text)) return undefined;
  const value = Number(text);
  const point = text.indexOf(".");
  const digits = text.replace(/^-?[0.]*/, "").replace(".", "").length;
  return {
    kind: "number",
    number: {
      value: value === 0 ? 0 : value,
      decimals: point < 0 ? 0 : text.length - point - 1,
      significantFigures: Math.max(1, digits),
    },
  };
}

/**
 * Reads what a person typed into a cell: `12.3`, `12,3` (when the comma is the decimal mark), `1.2e-3`,
 * `1.2×10^-3`, `12.3 ± 0.2`, `12.3 +0.2 -0.1`, `12.3(2)`, with any minus sign. Fractions are not readings.
 * Anything else gives a finding that says why, never NaN.
 */
export function readNumber(text: string, mark: DecimalMark = "point"): NumberReading {
  const digits = readDigits(text);
  if (digits) return digits;
  if (text.trim() === "") return { kind: "empty" };
  const spelling = plainSpelling(text, mark);
  const plain = decimalFromText(spelling);
  if (plain) return readWith(plain);
  return (
    readPlusMinus(spelling) ??
    readUpAndDown(spelling) ??
    readBracketed(spelling) ?? {
      kind: "unreadable",
      finding: reasonFor(text.trim(), spelling, mark),
    }
  );
}
