import type { Expression } from "@/core/expression/tree";
import type { BoundFormula, DerivedColumn, Variable, WholeColumn } from "../readings/evaluated";

type Bound = Extract<BoundFormula, { kind: "bound" }>;

/** How many rows further than its own an expression looks. */
export function reach(expression: Expression): number {
  switch (expression.kind) {
    case "number":
    case "pi":
    case "symbol":
    case "column":
      return 0;
    case "operation":
      return Math.max(reach(expression.left), reach(expression.right));
    case "neighbour":
      return 1 + reach(expression.of);
    default:
      return reach(expression.of);
  }
}

/**
 * The original inputs of an expression of a formula: readings, some of rows further on, constants, whole-column
 * functions and the constants that these follow.
 */
export function variablesOf(
  formula: Bound,
  expression: Expression,
  symbols: readonly string[],
  common: ReadonlyMap<string, WholeColumn>,
  derived: ReadonlyMap<string, DerivedColumn>,
): readonly Variable[] {
  const far = reach(expression);
  const found = new Map<string, Variable>();
  const add = (variable: Variable) => found.set(variable.key, variable);
  const addReading = (id: string, shift: number) =>
    add({ key: `${id}+${shift}`, kind: "reading", id, shift });
  const addConstant = (id: string) => add({ key: id, kind: "constant", id, shift: 0 });
  for (const name of symbols) {
    const binding = formula.symbols.get(name);
    const whole = common.get(name);
    if (whole) {
      add({ key: whole.key, kind: "column", id: whole.text, shift: 0 });
      for (const id of whole.constants.keys()) addConstant(id);
    } else if (binding?.kind === "constant") addConstant(binding.constant.id);
    else if (binding?.kind === "quantity") {
      for (let shift = 0; shift <= far; shift++) addReading(binding.id, shift);
    } else if (binding?.kind === "derived") {
      for (const variable of derived.get(binding.id)?.variables ?? []) {
        if (variable.kind !== "reading") add(variable);
        else {
          for (let on = 0; on <= far; on++) addReading(variable.id, variable.shift + on);
        }
      }
    }
  }
  return [...found.values()];
}
