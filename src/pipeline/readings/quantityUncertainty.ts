import type { Finding } from "@/core/finding/finding";
import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import type { InstrumentPart } from "@/core/uncertainty/instrumentPart";
import {
  typedField,
  type Uncertainty,
  type UncertaintyField,
  uncertaintyFields,
} from "@/investigation/model/uncertainty";

/** A chosen uncertainty with its numbers read; "unset" while a number is still missing. */
export type InstrumentReading =
  | { readonly kind: "part"; readonly part: InstrumentPart }
  | { readonly kind: "unset" }
  | { readonly kind: "unreadable"; readonly finding: Finding };

type Numbers = Partial<Record<UncertaintyField, number>>;

function partOf(kind: Uncertainty["kind"], numbers: Numbers): InstrumentPart {
  return { kind, ...numbers } as InstrumentPart;
}

/** Reads the typed numbers of an uncertainty; sizes can't be below zero. */
export function readUncertainty(uncertainty: Uncertainty, mark: DecimalMark): InstrumentReading {
  const numbers: Numbers = {};
  for (const field of uncertaintyFields[uncertainty.kind]) {
    const read = readNumber(typedField(uncertainty, field), mark);
    if (read.kind === "empty") return { kind: "unset" };
    if (read.kind === "unreadable") return read;
    if (read.number.value < 0) {
      return { kind: "unreadable", finding: { name: "uncertainty-below-zero" } };
    }
    numbers[field] = read.number.value;
  }
  return { kind: "part", part: partOf(uncertainty.kind, numbers) };
}
