import { parseFormula } from "../expression/parseFormula";
import { type Expression, symbolsOf } from "../expression/tree";
import type { Finding } from "../finding/finding";

/** An equation that readings are to follow. */
export interface Theory {
  readonly left: Expression;
  readonly right: Expression;
  /** Each once, in the order in which they are met. */
  readonly symbols: readonly string[];
}

export type ReadTheory =
  | { readonly kind: "theory"; readonly theory: Theory }
  | { readonly kind: "empty" }
  | { readonly kind: "unreadable"; readonly finding: Finding };

/** Reads "T = 2π√(4 m L³/(E b d³))": two formulas with one = between them. */
export function readTheory(typed: string): ReadTheory {
  if (typed.trim() === "") return { kind: "empty" };
  const sides = typed.split("=");
  if (sides.length !== 2) {
    return { kind: "unreadable", finding: { name: "theory-needs-one-equals" } };
  }
  const [left, right] = sides.map((side) => parseFormula(side));
  for (const side of [left, right]) {
    if (side?.kind === "unreadable") return { kind: "unreadable", finding: side.finding };
  }
  if (left?.kind !== "formula" || right?.kind !== "formula") {
    return { kind: "unreadable", finding: { name: "theory-needs-one-equals" } };
  }
  const symbols = [...new Set([...symbolsOf(left.expression), ...symbolsOf(right.expression)])];
  return { kind: "theory", theory: { left: left.expression, right: right.expression, symbols } };
}
