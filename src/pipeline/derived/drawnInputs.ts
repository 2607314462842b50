import type { Expression } from "@/core/expression/tree";
import type { DrawnInput } from "@/core/uncertainty/monteCarlo";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Binding, DerivedColumn, EvaluatedQuantity } from "../evaluated";
import { derivedCell, isFinding } from "./derivedCell";
import { expandedFormula } from "./expandedFormula";

/** A row of a derived quantity as its inputs are drawn, in SI units. */
export interface Drawing {
  readonly expression: Expression;
  readonly places: Readonly<Record<string, number>>;
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
  const places: Record<string, number> = {};
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
      places[`${name}+${variable.shift}`] = inputs.length;
      inputs.push({ value, size: cell.sizes[index] as number, distribution });
    });
  }
  return { expression, places, inputs };
}
