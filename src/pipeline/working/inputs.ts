import { writeGiven } from "@/core/number/givenNumber";
import { readNumber } from "@/core/number/readNumber";
import type { Unsettled } from "@/core/number/settled";
import { guardedFigures, writePart } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { coherentFactors } from "@/core/unit/understandUnit";
import { readUnit, writeUnit, writeUnitText } from "@/core/unit/unitText";

/** A number that is put into a working, with its ±, in the unit in which it was given. */
export interface GivenInput {
  readonly value: number;
  /** 0 where none is known. */
  readonly size: number;
  /** As it was typed; absent for what was worked out. */
  readonly digits?: { readonly value: number; readonly decimals: number };
  /** The ± as it was typed. */
  readonly sizeDigits?: { readonly value: number; readonly decimals: number };
  readonly unit: string;
  readonly factor: number;
  readonly offset: number;
}

/** A number that is put in, in the unit in which it stands in the working. */
export interface PutIn {
  readonly number: Unsettled;
  readonly size: Unsettled;
  readonly unit: RunText;
}

const mostFigures = 12;

/** As few figures, from so many on, as write a number exactly; so many where it has no end. */
function exactFigures(value: number, from: number): number {
  const clean = Number(value.toPrecision(13));
  for (let figures = from; figures <= mostFigures; figures++) {
    if (Number(clean.toPrecision(figures)) === clean) return figures;
  }
  return from;
}

function figuresOf(value: number, decimals: number): number {
  if (value === 0) return 1;
  return Math.max(1, Math.floor(Math.log10(Math.abs(value)) + 1e-12) + 1 + decimals);
}

/** A ± by itself: in one figure where that says it exactly, else in two. */
export function unsettledSize(size: number): Unsettled {
  const written = writePart(size)
    .mantissa.replace(/^[0.]*/, "")
    .replace(".", "");
  return { value: size, figures: Math.max(1, written.length) };
}

/** The figures of a typed number, or those that a worked-out one needs beside its ±. */
function ownFigures({ value, size, digits }: GivenInput): number {
  if (digits) return figuresOf(digits.value, digits.decimals);
  return size > 0 ? guardedFigures(value, size) : exactFigures(value, 4);
}

/** As it was given, in its own unit. */
export function asGiven(input: GivenInput): PutIn {
  const { value, size, digits, sizeDigits, unit } = input;
  return {
    number: { value, figures: ownFigures(input), ...(digits && { given: writeGiven(digits) }) },
    size: sizeDigits
      ? { ...unsettledSize(size), given: writeGiven(sizeDigits) }
      : unsettledSize(size),
    unit: writeUnitText(unit),
  };
}

/** Converted into coherent SI units before it is put in (calculation § 3): °C to K, mL to m³. */
export function inCoherentUnits(input: GivenInput): PutIn {
  const { value, size, unit, factor, offset } = input;
  if (factor === 1 && offset === 0) return asGiven(input);
  const converted = value * factor + offset;
  const own = ownFigures(input);
  const decimals = own - figuresOf(value, 0);
  const figures = offset === 0 ? own : figuresOf(converted, Math.max(2, decimals));
  const factors =
    offset === 0 ? coherentFactors(readUnit(unit) ?? []) : [{ symbol: "K", exponent: 1 }];
  return {
    number: { value: converted, figures: exactFigures(converted, figures) },
    size: unsettledSize(size * factor),
    unit: writeUnit(factors),
  };
}

/** What was typed as a number and its ±, read as it stands; undefined where it is no number. */
export function typedDigits(value: string, uncertainty: string, mark: "point" | "comma") {
  const read = readNumber(value, mark);
  if (read.kind !== "number") return undefined;
  const own = readNumber(uncertainty, mark);
  const { value: number, decimals } = read.number;
  return {
    digits: { value: number, decimals },
    ...(own.kind === "number" && {
      sizeDigits: { value: Math.abs(own.number.value), decimals: own.number.decimals },
    }),
  };
}
