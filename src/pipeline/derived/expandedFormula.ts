import { type Expression, symbolsOf } from "@/core/expression/tree";
import type {
  Binding,
  BoundFormula,
  DerivedColumn,
  EvaluatedQuantity,
} from "../readings/evaluated";

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

type Bound = Extract<BoundFormula, { readonly kind: "bound" }>;

/** Whether a formula takes a unit with a zero of its own, such as °C, into another: 1/(30 °C) is not 1/(303 K). */
function movesZero({ symbols }: Bound): boolean {
  return [...symbols.values()].some((one) => one.kind === "quantity" && one.unit.offset !== 0);
}

/** Puts the formulas of derived quantities in their places, as a worked example shows them: T² is (t/10)². */
export function expandedFormula(
  { formula }: DerivedColumn,
  quantities: readonly EvaluatedQuantity[],
): ExpandedFormula {
  let expression = formula.expression;
  const symbols = new Map(formula.symbols);
  const innerOf = (name: string): Bound | undefined => {
    const binding = symbols.get(name);
    if (binding?.kind !== "derived") return undefined;
    return quantities.find(({ id }) => id === binding.id)?.derived?.column?.formula;
  };
  for (;;) {
    const name = symbolsOf(expression).find((one) => {
      const inner = innerOf(one);
      return inner && !movesZero(inner);
    });
    const inner = name === undefined ? undefined : innerOf(name);
    if (name === undefined || !inner) break;
    expression = replaced(expression, name, inner.expression);
    symbols.delete(name);
    for (const [symbol, meaning] of inner.symbols) symbols.set(symbol, meaning);
    if (symbolsOf(expression).length > mostSymbols) return formula;
  }
  return { expression, symbols };
}
