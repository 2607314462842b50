import type { Finding } from "@/core/finding/finding";
import type { ColumnName, Expression } from "@/core/expression/tree";
import type { CommonValue, DerivedCell } from "../evaluated";

type Cells = readonly (DerivedCell | Finding)[];

/** An expression whose whole-column functions are symbols of their own, with what these stand for. */
export interface WithoutColumns {
  readonly expression: Expression;
  readonly common: ReadonlyMap<string, CommonValue>;
}

function takingPart(cells: Cells): DerivedCell[] {
  return cells.filter((cell): cell is DerivedCell => !("name" in cell) && !cell.aside);
}

/** The ± of one cell to first order, its inputs taken as independent. */
function sizeOf({ slopes, sizes }: DerivedCell): number {
  return Math.hypot(...slopes.map((slope, index) => slope * (sizes[index] as number)));
}

/** One value for a whole column. The rows are independent, so the ± of a mean or sum is that of a sum in quadrature. */
function commonValue(name: ColumnName, cells: readonly DerivedCell[]): CommonValue | Finding {
  const [first] = cells;
  if (name === "count") return { value: cells.length, uncertainty: 0 };
  const last = cells.at(-1);
  if (!first || !last) return { name: "empty-column" };
  const best = (better: (a: DerivedCell, b: DerivedCell) => boolean) =>
    cells.reduce((found, cell) => (better(cell, found) ? cell : found), first);
  const alone = (cell: DerivedCell) => ({ value: cell.value, uncertainty: sizeOf(cell) });
  switch (name) {
    case "first":
      return alone(first);
    case "last":
      return alone(last);
    case "min":
      return alone(best((a, b) => a.value < b.value));
    case "max":
      return alone(best((a, b) => a.value > b.value));
    case "sum":
    case "mean": {
      const value = cells.reduce((sum, cell) => sum + cell.value, 0);
      const uncertainty = Math.hypot(...cells.map(sizeOf));
      const count = name === "sum" ? 1 : cells.length;
      return { value: value / count, uncertainty: uncertainty / count };
    }
  }
}

class Replacement {
  readonly common = new Map<string, CommonValue>();
  finding: Finding | undefined;

  constructor(private readonly cellsOf: (of: Expression) => Cells) {}

  of(expression: Expression): Expression {
    switch (expression.kind) {
      case "number":
      case "pi":
      case "symbol":
        return expression;
      case "operation":
        return { ...expression, left: this.of(expression.left), right: this.of(expression.right) };
      case "column": {
        const found = commonValue(expression.name, takingPart(this.cellsOf(expression.of)));
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
  cellsOf: (of: Expression) => Cells,
): WithoutColumns | Finding {
  const replacement = new Replacement(cellsOf);
  const replaced = replacement.of(expression);
  return replacement.finding ?? { expression: replaced, common: replacement.common };
}
