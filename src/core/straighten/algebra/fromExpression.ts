import type { Expression, FunctionName } from "../../expression/tree";
import { plainValue } from "../../expression/unitOf";
import {
  added,
  type Atom,
  BeyondAlgebra,
  numberTerm,
  power,
  product,
  scaledSum,
  type Sum,
  type Term,
  termOf,
} from "./sum";

/** exp of a sum as a product of exp of its terms, with their numbers as exponents: exp(−2t/T + c) = exp(t/T)^−2 · exp(c). */
function exponentialOf(sum: Sum): Sum {
  return sum.reduce<Sum>(
    (found, { coefficient, factors }) => {
      if (factors.size === 0) return scaledSum(found, Math.exp(coefficient));
      const of: Sum = [{ coefficient: 1, factors }];
      return product(found, [termOf({ kind: "call", name: "exp", of }, coefficient)]);
    },
    [numberTerm(1)],
  );
}

function logarithmOfAtom(atom: Atom, name: "ln" | "log"): Sum {
  if (atom.kind === "call" && atom.name === "exp") {
    return name === "ln" ? atom.of : scaledSum(atom.of, Math.LOG10E);
  }
  if (atom.kind === "power") return product(atom.exponent, logarithmOf(atom.base, name));
  const of: Sum = atom.kind === "sum" ? atom.of : [termOf(atom)];
  return [termOf({ kind: "call", name, of })];
}

/** A logarithm as a sum of those of its factors: ln(a x²) = ln a + 2 ln x. */
export function logarithmOf(sum: Sum, name: "ln" | "log"): Sum {
  if (sum.length !== 1) {
    if (sum.length === 0) throw new BeyondAlgebra();
    return [termOf({ kind: "call", name, of: sum })];
  }
  const [{ coefficient, factors }] = sum as [Term];
  if (!(coefficient > 0)) throw new BeyondAlgebra();
  const ofNumber = (name === "ln" ? Math.log : Math.log10)(coefficient);
  return added(
    ofNumber === 0 ? [] : [numberTerm(ofNumber)],
    ...[...factors.values()].map(({ atom, exponent }) =>
      scaledSum(logarithmOfAtom(atom, name), exponent),
    ),
  );
}

/** A sum to a power that is a formula itself, factor by factor: (a x)^n = a^n · x^n. */
function symbolicPower(base: Sum, exponent: Sum): Sum {
  if (base.length !== 1) return [termOf({ kind: "power", base, exponent })];
  const [{ coefficient, factors }] = base as [Term];
  if (!(coefficient > 0)) throw new BeyondAlgebra();
  const number: Sum =
    coefficient === 1
      ? [numberTerm(1)]
      : [termOf({ kind: "power", base: [numberTerm(coefficient)], exponent })];
  return [...factors.values()].reduce<Sum>((found, { atom, exponent: own }) => {
    if (atom.kind === "call" && atom.name === "exp") {
      return product(found, exponentialOf(product(scaledSum(atom.of, own), exponent)));
    }
    const raised: Atom = {
      kind: "power",
      base: [termOf(atom)],
      exponent: scaledSum(exponent, own),
    };
    return product(found, [termOf(raised)]);
  }, number);
}

function callOf(name: FunctionName, of: Sum): Sum {
  if (name === "sqrt") return power(of, 0.5);
  if (name === "exp") return exponentialOf(of);
  if (name === "ln" || name === "log") return logarithmOf(of, name);
  return [termOf({ kind: "call", name, of })];
}

/**
 * An expression multiplied out, as terms of atoms.
 * @throws BeyondAlgebra for what is no formula of one row, a root of something below 0, or a sum without end.
 */
export function sumOf(expression: Expression): Sum {
  switch (expression.kind) {
    case "number":
      return expression.value === 0 ? [] : [numberTerm(expression.value)];
    case "pi":
      return [termOf({ kind: "pi" })];
    case "symbol":
      return [termOf({ kind: "symbol", name: expression.name })];
    case "negative":
      return scaledSum(sumOf(expression.of), -1);
    case "call":
      return callOf(expression.name, sumOf(expression.of));
    case "neighbour":
    case "column":
      throw new BeyondAlgebra();
    case "operation": {
      const left = sumOf(expression.left);
      if (expression.operator === "^") {
        const exponent = plainValue(expression.right);
        return exponent === undefined
          ? symbolicPower(left, sumOf(expression.right))
          : power(left, exponent);
      }
      const right = sumOf(expression.right);
      switch (expression.operator) {
        case "+":
          return added(left, right);
        case "-":
          return added(left, scaledSum(right, -1));
        case "*":
          return product(left, right);
        case "/":
          return product(left, power(right, -1));
      }
    }
  }
}
