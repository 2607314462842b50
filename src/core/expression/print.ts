import type { Expression } from "./tree";

/** How tightly a printed expression holds together: sums least, then products, signs, powers, single things. */
function strength(expression: Expression): number {
  switch (expression.kind) {
    case "operation":
      return { "+": 1, "-": 1, "*": 2, "/": 2, "^": 4 }[expression.operator];
    case "negative":
      return 3;
    default:
      return 5;
  }
}

function within(expression: Expression, least: number): string {
  const text = printFormula(expression);
  return strength(expression) < least ? `(${text})` : text;
}

/**
 * An expression as the plain text of a formula, with no more brackets than it needs: reading it again gives the same
 * tree.
 */
export function printFormula(expression: Expression): string {
  switch (expression.kind) {
    case "number":
      return expression.text;
    case "pi":
      return "pi";
    case "symbol":
      return expression.name;
    case "negative":
      return `-${within(expression.of, 4)}`;
    case "operation": {
      const { operator, left, right } = expression;
      if (operator === "^") return `${within(left, 5)}^${within(right, 4)}`;
      const [before, behind] = operator === "+" || operator === "-" ? [1, 2] : [2, 4];
      const joint = operator === "*" || operator === "/" ? operator : ` ${operator} `;
      return `${within(left, before)}${joint}${within(right, behind)}`;
    }
    case "call":
    case "neighbour":
      return `${expression.name}(${printFormula(expression.of)})`;
    case "column":
      return `${expression.name}(${printFormula(expression.of)}${expression.all ? ", all" : ""})`;
  }
}
