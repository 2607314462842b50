import type { Finding } from "@/core/finding/finding";
import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import { understandUnit } from "@/core/unit/understandUnit";
import { withGreekLetters } from "@/core/unit/symbolText";
import type { Constant } from "@/investigation/model/constant";
import { symbolFinding } from "./symbols";

/** What is amiss with a constant, and in which of its fields. */
export interface ConstantFinding {
  readonly field: "symbol" | "value" | "uncertainty" | "unit";
  readonly finding: Finding;
}

function numberFinding(text: string, mark: DecimalMark): Finding | undefined {
  const read = readNumber(text, mark);
  return read.kind === "unreadable" ? read.finding : undefined;
}

function uncertaintyFinding(text: string, mark: DecimalMark): Finding | undefined {
  const read = readNumber(text, mark);
  if (read.kind === "unreadable") return read.finding;
  return read.kind === "number" && read.number.value < 0
    ? { name: "uncertainty-below-zero" }
    : undefined;
}

/** The first thing that is amiss with a constant as it is typed; an empty field is not wrong, only not yet filled. */
export function constantFinding(
  constant: Constant,
  mark: DecimalMark,
  taken: ReadonlySet<string>,
): ConstantFinding | undefined {
  const unit = understandUnit(constant.unit);
  const all: readonly [ConstantFinding["field"], Finding | undefined][] = [
    ["symbol", symbolFinding(withGreekLetters(constant.symbol), taken)],
    ["value", numberFinding(constant.value, mark)],
    ["uncertainty", uncertaintyFinding(constant.uncertainty, mark)],
    ["unit", unit.kind === "unreadable" ? unit.finding : undefined],
  ];
  for (const [field, finding] of all) if (finding) return { field, finding };
  return undefined;
}
