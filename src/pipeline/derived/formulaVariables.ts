import type { Expression } from "@/core/expression/tree";
import type { BoundFormula, CommonValue, DerivedColumn, Variable } from "../evaluated";

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

/** The original inputs of a formula: readings, some of rows further on, constants, whole-column functions. */
export function variablesOf(
  formula: Bound,
  symbols: readonly string[],
  common: ReadonlyMap<string, CommonValue>,
  derived: ReadonlyMap<string, DerivedColumn>,
): readonly Variable[] {
  const far = reach(formula.expression);
  const found = new Map<string, Variable>();
  const add = (variable: Variable) => found.set(variable.key, variable);
  const addReading = (id: string, shift: number) =>
    add({ key: `${id}+${shift}`, kind: "reading", id, shift });
  for (const name of symbols) {
    const binding = formula.symbols.get(name);
    if (common.has(name)) add({ key: `${formula.id}/${name}`, kind: "column", id: name, shift: 0 });
    else if (binding?.kind === "constant") {
      const { id } = binding.constant;
      add({ key: id, kind: "constant", id, shift: 0 });
    } else if (binding?.kind === "quantity") {
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
