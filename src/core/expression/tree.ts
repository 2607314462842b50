/** Functions of one number, by the names in which they are typed. */
export const functionNames = [
  ...(["sqrt", "ln", "log", "exp", "sin", "cos", "tan", "asin", "acos", "atan", "abs"] as const),
] as const;
export type FunctionName = (typeof functionNames)[number];

/** Functions of a row and the next one (calculation § 4). */
export const neighbourNames = ["change", "middle"] as const;
export type NeighbourName = (typeof neighbourNames)[number];

/** Functions of a whole column: over the rows of one series, or over all rows as in `mean(x, all)` (calculation § 4). */
export const columnNames = ["mean", "sum", "min", "max", "first", "last", "count"] as const;
export type ColumnName = (typeof columnNames)[number];

export type Operator = "+" | "-" | "*" | "/" | "^";

/** A formula as a typed tree: numbers, symbols, and what is done with them. */
export type Expression =
  | { readonly kind: "number"; readonly value: number; readonly text: string }
  | { readonly kind: "pi" }
  | { readonly kind: "symbol"; readonly name: string }
  | { readonly kind: "negative"; readonly of: Expression }
  | {
      readonly kind: "operation";
      readonly operator: Operator;
      readonly left: Expression;
      readonly right: Expression;
    }
  | { readonly kind: "call"; readonly name: FunctionName; readonly of: Expression }
  | { readonly kind: "neighbour"; readonly name: NeighbourName; readonly of: Expression }
  | {
      readonly kind: "column";
      readonly name: ColumnName;
      readonly of: Expression;
      /** Over the whole table, where it is not over the rows of one series. */
      readonly all?: true;
    };

/** The parts of an expression, left to right. */
export function partsOf(expression: Expression): readonly Expression[] {
  switch (expression.kind) {
    case "number":
    case "pi":
    case "symbol":
      return [];
    case "operation":
      return [expression.left, expression.right];
    case "negative":
    case "call":
    case "neighbour":
    case "column":
      return [expression.of];
  }
}

/** The symbols of an expression, each once, in the order in which they are met. */
export function symbolsOf(expression: Expression): readonly string[] {
  const found = new Set<string>();
  const visit = (node: Expression) => {
    if (node.kind === "symbol") found.add(node.name);
    partsOf(node).forEach(visit);
  };
  visit(expression);
  return [...found];
}
