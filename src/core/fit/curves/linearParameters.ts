import { type Expression, symbolsOf } from "../../expression/tree";

type Dependence = "free" | "linear" | "other";

function sumOf(a: Dependence, b: Dependence): Dependence {
  if (a === "other" || b === "other") return "other";
  return a === "linear" || b === "linear" ? "linear" : "free";
}

function productOf(a: Dependence, b: Dependence): Dependence {
  if (a === "free") return b;
  return b === "free" ? a : "other";
}

/** How an expression depends on a set of symbols taken together. */
function dependence(expression: Expression, on: ReadonlySet<string>): Dependence {
  switch (expression.kind) {
    case "number":
    case "pi":
      return "free";
    case "symbol":
      return on.has(expression.name) ? "linear" : "free";
    case "negative":
      return dependence(expression.of, on);
    case "operation": {
      const left = dependence(expression.left, on);
      const right = dependence(expression.right, on);
      switch (expression.operator) {
        case "+":
        case "-":
          return sumOf(left, right);
        case "*":
          return productOf(left, right);
        case "/":
          return right === "free" ? left : "other";
        case "^":
          return left === "free" && right === "free" ? "free" : "other";
      }
    }
    case "call":
    case "neighbour":
    case "column":
      return symbolsOf(expression.of).some((name) => on.has(name)) ? "other" : "free";
  }
}

/** Parameters in which a formula is linear, all of them together: a and c of a·exp(b·x) + c. */
export function linearParameters(
  expression: Expression,
  parameters: readonly string[],
): ReadonlySet<string> {
  const chosen = new Set<string>();
  for (const name of parameters) {
    if (dependence(expression, new Set([...chosen, name])) !== "other") chosen.add(name);
  }
  return chosen;
}
