import type { Expression } from "./tree";
import { plainValue } from "./unitOf";

/** A product of powers: a number times each symbol raised to a power. */
export interface PowerProduct {
  readonly powers: ReadonlyMap<string, number>;
}

/** A sum: a number of each symbol, plus perhaps a number alone. */
export interface LinearSum {
  readonly coefficients: ReadonlyMap<string, number>;
}

function combined(
  a: ReadonlyMap<string, number>,
  b: ReadonlyMap<string, number>,
  factor: number,
): Map<string, number> {
  const all = new Map(a);
  for (const [name, value] of b) all.set(name, (all.get(name) ?? 0) + factor * value);
  return all;
}

function scaled(a: ReadonlyMap<string, number>, factor: number): Map<string, number> {
  return new Map([...a].map(([name, value]) => [name, value * factor]));
}

/** The powers of a pure product such as 16π²m/T², or undefined where a sum or a function is in it. */
export function powerProduct(expression: Expression): PowerProduct | undefined {
  if (plainValue(expression) !== undefined) return { powers: new Map() };
  switch (expression.kind) {
    case "symbol":
      return { powers: new Map([[expression.name, 1]]) };
    case "negative":
      return powerProduct(expression.of);
    case "call": {
      const of = expression.name === "sqrt" ? powerProduct(expression.of) : undefined;
      return of && { powers: scaled(of.powers, 0.5) };
    }
    case "operation": {
      const { operator, left, right } = expression;
      const base = powerProduct(left);
      if (operator === "^") {
        const power = plainValue(right);
        return base && power !== undefined ? { powers: scaled(base.powers, power) } : undefined;
      }
      const other = powerProduct(right);
      if (!base || !other || (operator !== "*" && operator !== "/")) return undefined;
      return { powers: combined(base.powers, other.powers, operator === "*" ? 1 : -1) };
    }
    default:
      return undefined;
  }
}

/** The coefficients of a pure sum such as a − b or 3a + 2b + 7, or undefined where it is none. */
export function linearSum(expression: Expression): LinearSum | undefined {
  if (plainValue(expression) !== undefined) return { coefficients: new Map() };
  switch (expression.kind) {
    case "symbol":
      return { coefficients: new Map([[expression.name, 1]]) };
    case "negative": {
      const of = linearSum(expression.of);
      return of && { coefficients: scaled(of.coefficients, -1) };
    }
    case "operation": {
      const { operator, left, right } = expression;
      const [a, b] = [linearSum(left), linearSum(right)];
      const [x, y] = [plainValue(left), plainValue(right)];
      if (operator === "+" || operator === "-") {
        return (
          a &&
          b && { coefficients: combined(a.coefficients, b.coefficients, operator === "+" ? 1 : -1) }
        );
      }
      if (operator === "*" && x !== undefined)
        return b && { coefficients: scaled(b.coefficients, x) };
      if (operator === "*" && y !== undefined)
        return a && { coefficients: scaled(a.coefficients, y) };
      if (operator === "/" && y !== undefined)
        return a && { coefficients: scaled(a.coefficients, 1 / y) };
      return undefined;
    }
    default:
      return undefined;
  }
}
