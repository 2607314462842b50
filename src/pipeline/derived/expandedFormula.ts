import { type Expression, symbolsOf } from "@/core/expression/tree";
import type { Binding, DerivedColumn, EvaluatedQuantity } from "../evaluated";

/** A formula over readings and constants alone, or over other derived quantities where that would grow too long. */
export interface ExpandedFormula {
  readonly expression: Expression;
  readonly symbols: ReadonlyMap<string, Binding>;
}

const mostSymbols = 6;

function replaced(expression: Expression, name: string, by: Expression): Expression {
  switch (expression.kind) {
    case "number":
    case "pi":
      return expression;
    case "symbol":
      return expression.name === name ? by : expression;
    case "operation":
      return {
        ...expression,
        left: replaced(expression.left, name, by),
        right: replaced(expression.right, name, by),
      };
    default:
      return { ...expression, of: replaced(expression.of, name, by) };
  }
}

/** Puts the formulas of derived quantities in their places, as a worked example shows them: T² is (t/10)². */
export function expandedFormula(
  { formula }: DerivedColumn,
  quantities: readonly EvaluatedQuantity[],
): ExpandedFormula {
  let expression = formula.expression;
  const symbols = new Map(formula.symbols);
  for (;;) {
    const name = symbolsOf(expression).find((one) => symbols.get(one)?.kind === "derived");
    const binding = name === undefined ? undefined : symbols.get(name);
    if (name === undefined || binding?.kind !== "derived") break;
    const inner = quantities.find(({ id }) => id === binding.id)?.derived?.column?.formula;
    if (!inner) return formula;
    expression = replaced(expression, name, inner.expression);
    symbols.delete(name);
    for (const [symbol, meaning] of inner.symbols) symbols.set(symbol, meaning);
    if (symbolsOf(expression).length > mostSymbols) return formula;
  }
  return { expression, symbols };
}
