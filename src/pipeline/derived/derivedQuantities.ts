import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { evenBars } from "@/core/uncertainty/instrumentPart";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { memoised } from "../memoised";
import { FormulaBinder } from "./bindFormulas";
import { derivedCell, isFinding } from "./derivedCell";
import { evaluateDerived } from "./evaluateDerived";
import type {
  DerivedCell,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
} from "../evaluated";

/** Row part and common part of a ± (calculation § 3), in the unit of the value. */
export interface DerivedParts {
  readonly row: number;
  readonly common: number;
}

/** Monte Carlo is drawn on request; where it is the house rule, rows are propagated in quadrature. */
export function rowRule({ propagation }: HouseRules): PropagationRule {
  return propagation === "worst-case" ? "worst-case" : "quadrature";
}

/** The ± of a cell by a rule, its row part and its common part apart. */
export function partsBy(
  rule: PropagationRule,
  cell: DerivedCell,
  { variables }: DerivedColumn,
): DerivedParts {
  const part = (common: boolean) => {
    const sizes = variables.flatMap(({ kind }, index) =>
      (kind !== "reading") === common
        ? [Math.abs(cell.slopes[index] as number) * (cell.sizes[index] as number)]
        : [],
    );
    return combinedUncertainty(rule, sizes);
  };
  return { row: part(false), common: part(true) };
}

function asMeasured(cell: DerivedCell, column: DerivedColumn, rule: PropagationRule): Measured {
  const { factor, offset } = column.formula.shown;
  const value = (cell.value - offset) / factor;
  const { row } = partsBy(rule, cell, column);
  const bars = evenBars(row / Math.abs(factor));
  const spread = { count: 1, mean: value, median: value, halfRange: 0 };
  return {
    value,
    bars,
    instrument: bars,
    scatter: undefined,
    spread,
    decimals: 0,
    aside: cell.aside,
    derived: true,
  };
}

const places = new WeakMap<readonly EvaluatedRow[], ReadonlyMap<EvaluatedRow, number>>();

function placesOf(rows: readonly EvaluatedRow[]): ReadonlyMap<EvaluatedRow, number> {
  const known = places.get(rows);
  if (known) return known;
  const made = new Map(rows.map((row, index) => [row, index]));
  places.set(rows, made);
  return made;
}

/** What rows say of a derived quantity, made when it is asked for. */
class DerivedValues {
  constructor(
    private readonly column: DerivedColumn,
    private readonly rows: readonly EvaluatedRow[],
    readonly rule: PropagationRule,
    private readonly known: WeakMap<EvaluatedRow, Measured>,
  ) {}

  get(row: EvaluatedRow): Measured | undefined {
    const before = this.known.get(row);
    if (before) return before;
    const place = placesOf(this.rows).get(row);
    const cell = place === undefined ? undefined : derivedCell(this.column, place);
    if (!cell || isFinding(cell)) return undefined;
    const found = asMeasured(cell, this.column, this.rule);
    this.known.set(row, found);
    return found;
  }
}

interface Known {
  readonly rule: PropagationRule;
  readonly column: DerivedColumn;
  readonly byRow: WeakMap<EvaluatedRow, Measured>;
  readonly values: DerivedValues;
}

const newest = new WeakMap<DerivedColumn["formula"], Known>();

/** The values of a column; where a row's value depends on that row alone, rows that did not change keep theirs. */
function valuesOf(
  column: DerivedColumn,
  rows: readonly EvaluatedRow[],
  rule: PropagationRule,
): DerivedValues {
  const before = newest.get(column.formula);
  const same = before?.rule === rule ? before : undefined;
  if (same?.column === column) return same.values;
  const byRow = (column.rowLocal && same?.byRow) || new WeakMap<EvaluatedRow, Measured>();
  const values = new DerivedValues(column, rows, rule, byRow);
  newest.set(column.formula, { rule, column, byRow, values });
  return values;
}

const bind = memoised(
  (
    quantities: readonly EvaluatedQuantity[],
    constants: Investigation["constants"],
    rules: HouseRules,
  ) => {
    const binder = new FormulaBinder(quantities, constants, rules.decimalMark);
    return { formulas: binder.all(), order: binder.order };
  },
);

/** The quantities of a table, those with a formula worked out; the same list where there are none. */
export const withDerived = memoised(
  (
    quantities: readonly EvaluatedQuantity[],
    rows: readonly EvaluatedRow[],
    constants: Investigation["constants"],
    rules: HouseRules,
  ): readonly EvaluatedQuantity[] => {
    if (quantities.every(({ quantity }) => quantity.formula === undefined)) return quantities;
    const { formulas, order } = bind(quantities, constants, rules);
    const known = new Map(quantities.map((quantity) => [quantity.id, quantity]));
    const derived = new Map<string, DerivedColumn>();
    for (const id of order) {
      const formula = formulas.get(id);
      if (formula?.kind !== "bound") continue;
      derived.set(id, evaluateDerived(formula, { rows, quantities: known, derived }));
    }
    const rule = rowRule(rules);
    return quantities.map((evaluated): EvaluatedQuantity => {
      const formula = formulas.get(evaluated.id);
      if (!formula) return evaluated;
      if (formula.kind === "broken") {
        return {
          ...evaluated,
          derived: { values: new Map(), wished: evaluated.quantity.unit },
          finding: formula.finding,
        };
      }
      const column = derived.get(evaluated.id) as DerivedColumn;
      const values = valuesOf(column, rows, rule);
      const quantity = { ...evaluated.quantity, unit: formula.shown.text };
      const wished = evaluated.quantity.unit;
      return { ...evaluated, quantity, derived: { values, column, wished } };
    });
  },
);
