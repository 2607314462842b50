import { evaluateAt } from "@/core/expression/evaluate";
import { type Expression, partsOf } from "@/core/expression/tree";
import { scaleOfLogIn } from "../derived/columnEvaluation";
import { derivedCell, isFinding } from "../derived/derivedCell";
import { unitsOf } from "../derived/directInputs";
import { expandedFormula, type ExpandedFormula } from "../derived/expandedFormula";
import type { EvaluatedQuantity } from "../readings/evaluated";
import { measuredColumn } from "../readings/measured";
import type { EvaluatedTable } from "../table/table";

function isOfOneRow(expression: Expression): boolean {
  if (expression.kind === "neighbour" || expression.kind === "column") return false;
  return partsOf(expression).every(isOfOneRow);
}

/** What stands for each symbol in a row, in SI units; undefined where one of them has no value. */
function numbersIn(
  { symbols }: ExpandedFormula,
  row: number,
  { rows, quantities }: EvaluatedTable,
): Record<string, number> | undefined {
  const found: Record<string, number> = {};
  for (const [name, binding] of symbols) {
    if (binding.kind === "constant") {
      found[name] = binding.constant.value;
      continue;
    }
    const evaluated = quantities.find(({ id }) => id === binding.id);
    if (!evaluated) return undefined;
    if (binding.kind === "derived") {
      const cell = evaluated.derived?.column && derivedCell(evaluated.derived.column, row);
      if (!cell || isFinding(cell)) return undefined;
      found[name] = cell.value;
      continue;
    }
    const one = measuredColumn(rows, evaluated)[row];
    if (!one) return undefined;
    found[name] = one.value * (binding.unit.factor ?? 1) + binding.unit.offset;
  }
  return found;
}

const slack = 1e-9;

/**
 * By how much a plotted logarithm would be larger if it took its quantities in SI units instead of the typed ones
 * (calculation § 5), as a theory counts them: ln 10⁻³ for ln(U / mV). 0 where that is not the same in all rows.
 */
export function logShift({ derived }: EvaluatedQuantity, table: EvaluatedTable): number {
  const column = derived?.column;
  if (!column) return 0;
  const formula = expandedFormula(column, table.quantities);
  const { expression, symbols } = formula;
  if (!isOfOneRow(expression)) return 0;
  const units = unitsOf(symbols, table.quantities);
  const shifts = table.rows.flatMap((_, row) => {
    const numbers = numbersIn(formula, row, table);
    if (!numbers) return [];
    const typed = evaluateAt(expression, numbers, (of) => scaleOfLogIn(of, { units }));
    const plain = evaluateAt(expression, numbers);
    return typed.kind === "value" && plain.kind === "value" ? [plain.value - typed.value] : [];
  });
  const [first = 0] = shifts;
  const steady = shifts.every((one) => Math.abs(one - first) <= slack * Math.abs(first));
  return steady ? first : 0;
}
