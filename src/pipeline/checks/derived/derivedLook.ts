import type { Finding } from "@/core/finding/finding";
import type { HouseRules } from "@/investigation/model/houseRules";
import { derivedCell, isFinding } from "../../derived/derivedCell";
import { partsBy, rowRule } from "../../derived/derivedQuantities";
import type {
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
} from "../../readings/evaluated";
import { measuredColumn } from "../../readings/measured";

/** A row of a derived quantity that takes part, with its ± in SI units. */
export interface LookedRow {
  readonly row: number;
  readonly value: number;
  readonly rowPart: number;
  readonly commonPart: number;
}

/** What the checks of one derived quantity look at. */
export interface DerivedLook {
  readonly evaluated: EvaluatedQuantity;
  readonly column: DerivedColumn;
  /** All quantities of its table. */
  readonly quantities: readonly EvaluatedQuantity[];
  readonly rules: HouseRules;
  readonly rows: readonly LookedRow[];
  /** What every row says of a quantity. */
  readonly valuesOf: (quantity: EvaluatedQuantity) => readonly (Measured | undefined)[];
}

/** Looks at one derived quantity; every check is a file of its own. */
export type DerivedCheck = (look: DerivedLook) => readonly Finding[];

/** The whole ± beside the value; 0 for a value of 0. */
export function relativeSize({ value, rowPart, commonPart }: LookedRow): number {
  return value === 0 ? 0 : (rowPart + commonPart) / Math.abs(value);
}

export function derivedLook(
  evaluated: EvaluatedQuantity,
  quantities: readonly EvaluatedQuantity[],
  sources: readonly EvaluatedRow[],
  rules: HouseRules,
): DerivedLook | undefined {
  const column = evaluated.derived?.column;
  if (!column) return undefined;
  const rule = rowRule(rules);
  const rows: LookedRow[] = [];
  for (let row = 0; row < column.rows; row++) {
    const cell = derivedCell(column, row);
    if (!cell || isFinding(cell) || cell.aside) continue;
    const { row: rowPart, common: commonPart } = partsBy(rule, cell, column);
    rows.push({ row, value: cell.value, rowPart, commonPart });
  }
  const valuesOf = (quantity: EvaluatedQuantity) => measuredColumn(sources, quantity);
  return { evaluated, column, quantities, rules, rows, valuesOf };
}
