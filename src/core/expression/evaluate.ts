import type { Finding } from "../finding/finding";
import { apply, type Dual, neighbours, ofColumn, operate, OutsideDomain } from "./dual";
import type { Expression } from "./tree";

/** Where an expression looks its symbols up: in this row, in the next one, or in every row. */
export interface Scope {
  /** How many variables slopes are kept for. */
  readonly variables: number;
  readonly symbol: (name: string, row: number) => Dual | Finding;
  /** The rows after this one; undefined behind the last. */
  readonly next: (row: number) => number | undefined;
  /** Every row that takes part in whole-column functions. */
  readonly rows: () => readonly number[];
  /** The factor by which ln and log divide first, so that they see the number in the typed unit. */
  readonly scaleOfLog: (of: Expression) => number;
}

export type Evaluation =
  | { readonly kind: "value"; readonly dual: Dual }
  /** An empty cell with its reason. */
  | { readonly kind: "nothing"; readonly finding: Finding };

function plain(value: number, { variables }: Scope): Dual {
  return { value, slopes: new Float64Array(variables) };
}

function lookUp(name: string, row: number, scope: Scope): Dual {
  const found = scope.symbol(name, row);
  if ("name" in found) throw new OutsideDomain(found);
  return found;
}

function column(expression: Expression & { kind: "column" }, scope: Scope): Dual {
  const values: Dual[] = [];
  for (const row of scope.rows()) {
    const found = evaluate(expression.of, row, scope);
    if (found.kind === "value") values.push(found.dual);
  }
  return ofColumn(expression.name, values);
}

function call(expression: Expression & { kind: "call" }, row: number, scope: Scope): Dual {
  const of = work(expression.of, row, scope);
  if (expression.name !== "ln" && expression.name !== "log") return apply(expression.name, of);
  const scale = scope.scaleOfLog(expression.of);
  return apply(expression.name, scale === 1 ? of : operate("/", of, plain(scale, scope)));
}

function work(expression: Expression, row: number, scope: Scope): Dual {
  switch (expression.kind) {
    case "number":
      return plain(expression.value, scope);
    case "pi":
      return plain(Math.PI, scope);
    case "symbol":
      return lookUp(expression.name, row, scope);
    case "negative":
      return operate("-", plain(0, scope), work(expression.of, row, scope));
    case "operation":
      return operate(
        expression.operator,
        work(expression.left, row, scope),
        work(expression.right, row, scope),
      );
    case "call":
      return call(expression, row, scope);
    case "neighbour": {
      const next = scope.next(row);
      if (next === undefined) throw new OutsideDomain({ name: "no-next-row" });
      return neighbours(
        expression.name,
        work(expression.of, row, scope),
        work(expression.of, next, scope),
      );
    }
    case "column":
      return column(expression, scope);
  }
}

/**
 * The value of an expression in a row with its exact slopes (forward automatic differentiation), in coherent SI units.
 * A domain error or a result beyond binary numbers gives the reason, never NaN or Infinity.
 */
export function evaluate(expression: Expression, row: number, scope: Scope): Evaluation {
  try {
    const dual = work(expression, row, scope);
    if (!Number.isFinite(dual.value))
      return { kind: "nothing", finding: { name: "number-too-large" } };
    if (!dual.slopes.every(Number.isFinite))
      return { kind: "nothing", finding: { name: "slope-without-end" } };
    return { kind: "value", dual };
  } catch (error) {
    if (error instanceof OutsideDomain) return { kind: "nothing", finding: error.finding };
    throw error;
  }
}
