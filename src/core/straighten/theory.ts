import { withEuler } from "../expression/euler";
import { parseFormula } from "../expression/parseFormula";
import { type Expression, partsOf, symbolsOf } from "../expression/tree";
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

/** A theory whose powers of e are exponentials, where nothing is called e; e alone stays an unknown. */
export function theoryWithEuler({ left, right }: Theory): Theory {
  const sides = [left, right].map((side) => withEuler(side, true)) as [Expression, Expression];
  const symbols = [...new Set(sides.flatMap((side) => symbolsOf(side)))];
  return { left: sides[0], right: sides[1], symbols };
}

const holds = (expression: Expression, symbol: string): boolean =>
  symbolsOf(expression).includes(symbol);

function addsNumberTo(expression: Expression, symbol: string): boolean {
  if (
    expression.kind === "operation" &&
    (expression.operator === "+" || expression.operator === "-")
  ) {
    const { left, right } = expression;
    if (left.kind === "number" && holds(right, symbol)) return true;
    if (right.kind === "number" && holds(left, symbol)) return true;
  }
  return partsOf(expression).some((part) => addsNumberTo(part, symbol));
}

/** Whether a theory adds plain numbers to a symbol, as in θ − 20 or 1 + θ/273: then it counts it as it was typed, a temperature in °C. */
export function countsAsTyped({ left, right }: Theory, symbol: string): boolean {
  return addsNumberTo(left, symbol) || addsNumberTo(right, symbol);
}
