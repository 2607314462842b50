import type { Finding } from "@/core/finding/finding";
import type { ColumnName, Expression } from "@/core/expression/tree";
import type { CommonValue } from "../evaluated";

/** What an expression is, with its ±, in each row that takes part. */
type ValuesOf = (of: Expression) => readonly CommonValue[];

/** An expression whose whole-column functions are symbols of their own, with what these stand for. */
export interface WithoutColumns {
  readonly expression: Expression;
  readonly common: ReadonlyMap<string, CommonValue>;
}

/**
 * One value for a whole column, from those of its rows that take part. The rows are independent, so the ± of a mean or
 * sum is that of a sum in quadrature.
 */
function commonValue(name: ColumnName, values: readonly CommonValue[]): CommonValue | Finding {
  const [first] = values;
  if (name === "count") return { value: values.length, uncertainty: 0 };
  const last = values.at(-1);
  if (!first || !last) return { name: "empty-column" };
  const best = (better: (a: number, b: number) => boolean) =>
    values.reduce((found, one) => (better(one.value, found.value) ? one : found), first);
  switch (name) {
    case "first":
      return first;
    case "last":
      return last;
    case "min":
      return best((a, b) => a < b);
    case "max":
      return best((a, b) => a > b);
    case "sum":
    case "mean": {
      const value = values.reduce((sum, one) => sum + one.value, 0);
      const variance = values.reduce((sum, { uncertainty }) => sum + uncertainty ** 2, 0);
      const count = name === "sum" ? 1 : values.length;
      return { value: value / count, uncertainty: Math.sqrt(variance) / count };
    }
  }
}

class Replacement {
  readonly common = new Map<string, CommonValue>();
  finding: Finding | undefined;

  constructor(private readonly valuesOf: ValuesOf) {}

  of(expression: Expression): Expression {
    switch (expression.kind) {
      case "number":
      case "pi":
      case "symbol":
        return expression;
      case "operation":
        return { ...expression, left: this.of(expression.left), right: this.of(expression.right) };
      case "column": {
        const found = commonValue(expression.name, this.valuesOf(expression.of));
        if ("name" in found) {
          this.finding = found;
          return expression;
        }
        const name = `${expression.name}#${this.common.size + 1}`;
        this.common.set(name, found);
        return { kind: "symbol", name };
      }
      default:
        return { ...expression, of: this.of(expression.of) };
    }
  }
}

/** Works the whole-column functions of an expression out and puts symbols in their places; or why that can't be done. */
export function withoutColumns(
  expression: Expression,
  valuesOf: ValuesOf,
): WithoutColumns | Finding {
  const replacement = new Replacement(valuesOf);
  const replaced = replacement.of(expression);
  return replacement.finding ?? { expression: replaced, common: replacement.common };
}
