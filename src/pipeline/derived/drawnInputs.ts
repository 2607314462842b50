import type { Expression } from "@/core/expression/tree";
import type { DrawnInput } from "@/core/uncertainty/monteCarlo";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Binding, DerivedColumn, EvaluatedQuantity } from "../readings/evaluated";
import { scaleOfLogIn } from "./columnEvaluation";
import { unitsOf } from "./directInputs";
import { derivedCell, isFinding } from "./derivedCell";
import { expandedFormula } from "./expandedFormula";

/** A row of a derived quantity as its inputs are drawn, in SI units. */
export interface Drawing {
  /** Every logarithm in it divides first by what one of the typed unit is (calculation § 5). */
  readonly expression: Expression;
  readonly inputIndices: Readonly<Record<string, number>>;
  readonly inputs: readonly DrawnInput[];
}

function holdsColumn(expression: Expression): boolean {
  switch (expression.kind) {
    case "number":
    case "pi":
    case "symbol":
      return false;
    case "operation":
      return holdsColumn(expression.left) || holdsColumn(expression.right);
    case "column":
      return true;
    default:
      return holdsColumn(expression.of);
  }
}

/** The value of a reading in SI units, so many rows on; undefined where there is none. */
function valueIn(
  id: string,
  row: number,
  { factor = 1, offset }: Extract<Binding, { kind: "quantity" }>["unit"],
  columns: readonly DerivedColumn[],
): number | undefined {
  for (const column of columns) {
    const values = column.readings.get(id);
    if (values) return values[row] && values[row].value * factor + offset;
  }
  return undefined;
}

/**
 * What Monte Carlo draws from: a limit from a rectangle, a standard uncertainty from a normal distribution, as the
 * house rules have it. Undefined for formulas over whole columns or too long to be spread out.
 */
export function drawingOf(
  column: DerivedColumn,
  row: number,
  quantities: readonly EvaluatedQuantity[],
  rules: HouseRules,
): Drawing | undefined {
  const cell = derivedCell(column, row);
  const { expression, symbols } = expandedFormula(column, quantities);
  if (!cell || isFinding(cell) || holdsColumn(expression)) return undefined;
  const distribution = rules.uncertaintyMeans === "limit" ? "rectangular" : "normal";
  const columns = [column, ...quantities.flatMap(({ derived }) => derived?.column ?? [])];
  const inputIndices: Record<string, number> = {};
  const inputs: DrawnInput[] = [];
  for (const [name, binding] of symbols) {
    if (binding.kind === "derived") return undefined;
    column.variables.forEach((variable, index) => {
      const id = binding.kind === "constant" ? binding.constant.id : binding.id;
      if (variable.id !== id || variable.kind === "column") return;
      const value =
        binding.kind === "constant"
          ? binding.constant.value
          : valueIn(id, row + variable.shift, binding.unit, columns);
      if (value === undefined) return;
      inputIndices[`${name}+${variable.shift}`] = inputs.length;
      inputs.push({ value, size: cell.sizes[index] as number, distribution });
    });
  }
  const units = unitsOf(symbols, quantities);
  return { expression: withTypedLogs(expression, units), inputIndices, inputs };
}

/** Logarithms that see the number in the typed unit, as first order and the working take them. */
function withTypedLogs(expression: Expression, units: ReturnType<typeof unitsOf>): Expression {
  switch (expression.kind) {
    case "number":
    case "pi":
    case "symbol":
      return expression;
    case "operation": {
      const { left, right } = expression;
      return {
        ...expression,
        left: withTypedLogs(left, units),
        right: withTypedLogs(right, units),
      };
    }
    case "call": {
      const of = withTypedLogs(expression.of, units);
      const isLog = expression.name === "ln" || expression.name === "log";
      const scale = isLog ? scaleOfLogIn(expression.of, { units }) : 1;
      if (scale === 1) return { ...expression, of };
      const by: Expression = { kind: "number", value: scale, text: String(scale) };
      return { ...expression, of: { kind: "operation", operator: "/", left: of, right: by } };
    }
    default:
      return { ...expression, of: withTypedLogs(expression.of, units) };
  }
}
