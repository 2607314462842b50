import { type Expression, type FunctionName, partsOf, symbolsOf } from "../expression/tree";
import { sumOf } from "../straighten/algebra/fromExpression";
import {
  added,
  BeyondAlgebra,
  keyOfAtom,
  type Factor,
  power,
  product,
  scaledSum,
  type Sum,
  symbolsOfAtom,
  type Term,
} from "../straighten/algebra/sum";
import { sumExpression } from "../straighten/algebra/toExpression";
import { variantsOf } from "../straighten/variants";

/** An equation between two formulas. */
export interface Equation {
  readonly left: Expression;
  readonly right: Expression;
}

const operation = (
  operator: "+" | "-" | "*" | "/" | "^",
  left: Expression,
  right: Expression,
): Expression => ({ kind: "operation", operator, left, right });

const one: Expression = { kind: "number", value: 1, text: "1" };
const two: Expression = { kind: "number", value: 2, text: "2" };
const ten: Expression = { kind: "number", value: 10, text: "10" };
const call = (name: FunctionName, of: Expression): Expression => ({ kind: "call", name, of });

/** What undoes a function, for values above 0; |x| is not undone. */
const inverses: Readonly<Record<FunctionName, ((of: Expression) => Expression) | undefined>> = {
  sqrt: (of) => operation("^", of, two),
  ln: (of) => call("exp", of),
  log: (of) => operation("^", ten, of),
  exp: (of) => call("ln", of),
  sin: (of) => call("asin", of),
  cos: (of) => call("acos", of),
  tan: (of) => call("atan", of),
  asin: (of) => call("sin", of),
  acos: (of) => call("cos", of),
  atan: (of) => call("tan", of),
  abs: undefined,
};

function occurrences(expression: Expression, symbol: string): number {
  if (expression.kind === "symbol") return expression.name === symbol ? 1 : 0;
  return partsOf(expression).reduce((sum, part) => sum + occurrences(part, symbol), 0);
}

/** Undoes the outermost operation of the side on which the symbol stands; undefined where that can't be done. */
function peeled(side: Expression, other: Expression, symbol: string): Equation | undefined {
  if (side.kind === "negative") {
    return { left: side.of, right: { kind: "negative", of: other } };
  }
  if (side.kind === "call") {
    const inverse = inverses[side.name];
    return inverse && { left: side.of, right: inverse(other) };
  }
  if (side.kind !== "operation") return undefined;
  const { operator, left, right } = side;
  const inLeft = symbolsOf(left).includes(symbol);
  switch (operator) {
    case "+":
      return { left: inLeft ? left : right, right: operation("-", other, inLeft ? right : left) };
    case "-":
      return inLeft
        ? { left, right: operation("+", other, right) }
        : { left: right, right: operation("-", left, other) };
    case "*":
      return { left: inLeft ? left : right, right: operation("/", other, inLeft ? right : left) };
    case "/":
      return inLeft
        ? { left, right: operation("*", other, right) }
        : { left: right, right: operation("/", left, other) };
    case "^":
      return inLeft
        ? { left, right: operation("^", other, operation("/", one, right)) }
        : { left: right, right: operation("/", call("ln", other), call("ln", left)) };
  }
}

/** Peels one operation after the other from a symbol that stands once in the equation. */
function byPeeling({ left, right }: Equation, symbol: string): Expression | undefined {
  if (occurrences(left, symbol) + occurrences(right, symbol) !== 1) return undefined;
  let now: Equation | undefined = symbolsOf(left).includes(symbol)
    ? { left, right }
    : { left: right, right: left };
  while (now && now.left.kind !== "symbol") now = peeled(now.left, now.right, symbol);
  return now?.right;
}

function exponentIn({ factors }: Term, symbol: string): number | undefined {
  let found = 0;
  for (const { atom, exponent } of factors.values()) {
    if (atom.kind === "symbol" && atom.name === symbol) found = exponent;
    else if (symbolsOfAtom(atom).has(symbol)) return undefined;
  }
  return found;
}

function without({ coefficient, factors }: Term, symbol: string): Term {
  const kept = new Map<string, Factor>(factors);
  kept.delete(keyOfAtom({ kind: "symbol", name: symbol }));
  return { coefficient, factors: kept };
}

/** A·sᵖ + B = 0 gives s = (−B/A)^(1/p), where every term with the symbol has it to the same power. */
function byCollecting(whole: Sum, symbol: string): Sum | undefined {
  const exponents = whole.map((term) => exponentIn(term, symbol));
  if (exponents.some((exponent) => exponent === undefined)) return undefined;
  const powers = new Set(exponents.filter((exponent) => exponent !== 0));
  const [p] = powers;
  if (powers.size !== 1 || p === undefined) return undefined;
  const withIt = whole.filter((_, i) => exponents[i] !== 0).map((term) => without(term, symbol));
  const rest = whole.filter((_, i) => exponents[i] === 0);
  if (rest.length === 0) return undefined;
  return power(product(scaledSum(rest, -1), power(withIt, -1)), 1 / p);
}

function attempted<Outcome>(work: () => Outcome): Outcome | undefined {
  try {
    return work();
  } catch (error) {
    if (error instanceof BeyondAlgebra || error instanceof RangeError) return undefined;
    throw error;
  }
}

/**
 * A formula for a symbol from an equation that holds it, by algebra; every symbol is taken as above 0. Terms with the
 * symbol are gathered where it stands several times; otherwise one operation after the other is undone.
 * @returns undefined where no such formula is found; the equation may still be solved by numbers.
 */
export function solveFor(equation: Equation, symbol: string): Expression | undefined {
  const variants = variantsOf({ ...equation, symbols: [] });
  for (const { left, right } of variants) {
    const found = attempted(() => byCollecting(added(left, scaledSum(right, -1)), symbol));
    if (found) return sumExpression(found);
  }
  const bare = byPeeling(equation, symbol);
  return bare && (attempted(() => sumExpression(sumOf(bare))) ?? bare);
}
