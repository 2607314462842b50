import type { Expression } from "./tree";

/** The letter that stands for Euler's number where nothing else is called so. */
export const eulerName = "e";

const one: Expression = { kind: "number", value: 1, text: "1" };
const exp = (of: Expression): Expression => ({ kind: "call", name: "exp", of });

const isEuler = (expression: Expression) =>
  expression.kind === "symbol" && expression.name === eulerName;

/**
 * Reads `e` as Euler's number (calculation § 9): e^u is exp(u), and e alone exp(1). Call it only where `e` is not the
 * symbol of a quantity, constant or result.
 * @param onlyPowers where e alone may be an unknown, as in a theory.
 */
export function withEuler(expression: Expression, onlyPowers = false): Expression {
  const inside = (part: Expression) => withEuler(part, onlyPowers);
  switch (expression.kind) {
    case "number":
    case "pi":
      return expression;
    case "symbol":
      return isEuler(expression) && !onlyPowers ? exp(one) : expression;
    case "operation": {
      const { operator, left, right } = expression;
      if (operator === "^" && isEuler(left)) return exp(inside(right));
      return { ...expression, left: inside(left), right: inside(right) };
    }
    default:
      return { ...expression, of: inside(expression.of) };
  }
}
