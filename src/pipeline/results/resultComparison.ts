import { type Comparison, compare } from "@/core/result/comparison";
import { type GivenPair, givenText } from "@/core/number/givenNumber";
import { readNumber } from "@/core/number/readNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Finding } from "@/core/finding/finding";
import type { WorkedResult } from "./evaluatedResult";

/** A result beside its accepted value, both in the unit of the result. */
export type ComparedResult =
  | { readonly kind: "none" }
  | { readonly kind: "unreadable"; readonly finding: Finding }
  | {
      readonly kind: "compared";
      readonly accepted: {
        readonly value: number;
        readonly uncertainty: number;
        /** As it was given, to its last digit. */
        readonly given: GivenPair;
      };
      readonly comparison: Comparison;
    };

/** Holds a result against the accepted value that was typed. */
export function comparedResult(one: WorkedResult, { decimalMark }: HouseRules): ComparedResult {
  const { value, uncertainty } = one.result.accepted;
  const read = readNumber(value, decimalMark);
  const own = readNumber(uncertainty, decimalMark);
  if (read.kind === "empty") return { kind: "none" };
  if (read.kind === "unreadable") return { kind: "unreadable", finding: read.finding };
  if (own.kind === "unreadable") return { kind: "unreadable", finding: own.finding };
  const size = own.kind === "number" ? own.number.value : (read.number.uncertainty ?? 0);
  const given = givenText(value, uncertainty, decimalMark) ?? { value };
  const accepted = { value: read.number.value, uncertainty: Math.abs(size), given };
  const comparison = compare({ value: one.value, uncertainty: one.size }, accepted);
  return { kind: "compared", accepted, comparison };
}

/** How far a constant would have to be off for the result to be the accepted one. */
export interface Explanation {
  readonly constant: string;
  /** In the constant's own unit; above 0 where it was taken too large. */
  readonly off: number;
  /** Its ± in the same unit. */
  readonly size: number;
}

/** Farther off than so many times its ± a constant explains nothing. */
const believable = 4;

/** The constant with the largest part of the ± as the reason why a result misses its accepted value. */
export function explanationOf(
  one: WorkedResult,
  compared: ComparedResult,
  constants: Readonly<Record<string, { readonly unit: string }>>,
  factorOf: (unit: string) => number,
): Explanation | undefined {
  if (compared.kind !== "compared" || compared.comparison.meet) return undefined;
  const largest = one.parts.find((part) => part.kind === "constant");
  if (!largest?.slope) return undefined;
  const found = [...one.gradient.common.values()].find(({ common }) => common.id === largest.id);
  const factor = factorOf(constants[largest.id]?.unit ?? "");
  const off = (compared.comparison.difference * one.unit.factor) / largest.slope / factor;
  const size = (found?.common.size ?? 0) / factor;
  if (!(Math.abs(off) <= believable * size)) return undefined;
  return { constant: largest.id, off, size };
}
