import { Latest } from "@/remembered/latest";
import { remembered } from "@/remembered/remembered";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { evenBars } from "@/core/uncertainty/instrumentPart";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Investigation } from "@/investigation/model/investigation";
import { FormulaBinder } from "./bindFormulas";
import { derivedCell, isFinding } from "./derivedCell";
import { evaluateDerived } from "./evaluateDerived";
import { neighbourSteps } from "./neighbourSteps";
import { readingParts } from "./readingParts";
import { runsOf } from "./runs";
import type {
  DerivedCell,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
} from "../readings/evaluated";

/** Row part and common part of a ± (calculation § 3), in the unit of the value. */
export interface DerivedParts {
  readonly row: number;
  readonly common: number;
}

/** Monte Carlo is drawn on request; where it is the house rule, rows are propagated in quadrature. */
export function rowRule({ propagation }: Pick<HouseRules, "propagation">): PropagationRule {
  return propagation === "worst-case" ? "worst-case" : "quadrature";
}

/** The ± of a cell by a rule: what its readings bring, and what constants bring to all rows alike. */
export function partsBy(
  rule: PropagationRule,
  cell: DerivedCell,
  column: DerivedColumn,
): DerivedParts {
  const common = column.variables.flatMap(({ kind }, index) =>
    kind === "constant"
      ? [Math.abs(cell.slopes[index] as number) * (cell.sizes[index] as number)]
      : [],
  );
  const own = [...readingParts(rule, cell, column).values()];
  return { row: combinedUncertainty(rule, own), common: combinedUncertainty(rule, common) };
}

function asMeasured(cell: DerivedCell, column: DerivedColumn, rule: PropagationRule): Measured {
  const { factor, offset } = column.formula.shown;
  const value = (cell.value - offset) / factor;
  const unstated = column.unstated[cell.row] === 1;
  const row = unstated ? 0 : partsBy(rule, cell, column).row;
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
    ...(unstated && { unstated }),
  };
}

const rowIndices = remembered(
  (rows: readonly EvaluatedRow[]): ReadonlyMap<EvaluatedRow, number> =>
    new Map(rows.map((row, index) => [row, index])),
);

/** What rows say of a derived quantity, made when it is asked for. */
class DerivedValues {
  constructor(
    private readonly column: DerivedColumn,
    private readonly rows: readonly EvaluatedRow[],
    readonly rule: PropagationRule,
    private readonly known: Latest<EvaluatedRow, Measured>,
  ) {}

  get(row: EvaluatedRow): Measured | undefined {
    const before = this.known.of(row);
    if (before) return before;
    const place = rowIndices(this.rows).get(row);
    const cell = place === undefined ? undefined : derivedCell(this.column, place);
    if (!cell || isFinding(cell)) return undefined;
    return this.known.keep(row, asMeasured(cell, this.column, this.rule));
  }
}

interface Known {
  readonly rule: PropagationRule;
  readonly column: DerivedColumn;
  readonly byRow: Latest<EvaluatedRow, Measured>;
  readonly values: DerivedValues;
}

const newest = new Latest<DerivedColumn["formula"], Known>();

/** The values of a column; where a row's value depends on that row alone, rows that did not change keep theirs. */
function valuesOf(
  column: DerivedColumn,
  rows: readonly EvaluatedRow[],
  rule: PropagationRule,
): DerivedValues {
  const before = newest.of(column.formula);
  const same = before?.rule === rule ? before : undefined;
  if (same?.column === column) return same.values;
  const byRow = (column.rowLocal && same?.byRow) || new Latest<EvaluatedRow, Measured>();
  const values = new DerivedValues(column, rows, rule, byRow);
  newest.keep(column.formula, { rule, column, byRow, values });
  return values;
}

const bind = remembered(
  (
    quantities: readonly EvaluatedQuantity[],
    constants: Investigation["constants"],
    rules: HouseRules,
  ) => {
    const binder = new FormulaBinder(quantities, constants, rules.decimalMark);
    return { formulas: binder.all(), order: binder.order };
  },
);

interface Table {
  readonly rows: readonly EvaluatedRow[];
  /** The ids of its series, in their order. */
  readonly series: readonly string[];
}

type Bindings = ReturnType<typeof bind>;

function evaluateInOrder(
  { formulas, order }: Bindings,
  quantities: readonly EvaluatedQuantity[],
  { rows, series }: Table,
): ReadonlyMap<string, DerivedColumn> {
  const known = new Map(quantities.map((quantity) => [quantity.id, quantity]));
  const derived = new Map<string, DerivedColumn>();
  const bound = order.flatMap((id) => {
    const formula = formulas.get(id);
    return formula?.kind === "bound" ? [formula] : [];
  });
  const runs = runsOf(rows, series);
  const neighbours = neighbourSteps(bound, rows, known, runs);
  for (const formula of bound) {
    const sources = { rows, runs, quantities: known, derived, neighbours };
    derived.set(formula.id, evaluateDerived(formula, sources));
  }
  return derived;
}

const newestWorked = new Latest<
  EvaluatedQuantity,
  {
    readonly values: DerivedColumn["values"];
    readonly rows: unknown;
    readonly made: EvaluatedQuantity;
  }
>();

/** A quantity whose ± are worked out by a formula: with what that gives, row by row. */
function withWorkedColumn(
  evaluated: EvaluatedQuantity,
  column: DerivedColumn | undefined,
  rows: readonly EvaluatedRow[],
): EvaluatedQuantity {
  if (!evaluated.column || !column) return evaluated;
  const before = newestWorked.of(evaluated);
  if (before?.values === column.values && before.rows === rows) return before.made;
  const { factor, offset } = column.formula.shown;
  const worked = (row: EvaluatedRow) => {
    const cell = derivedCell(column, rowIndices(rows).get(row) ?? -1);
    return cell && !isFinding(cell) ? (cell.value - offset) / factor : undefined;
  };
  const made = { ...evaluated, column: { ...evaluated.column, worked } };
  newestWorked.keep(evaluated, { values: column.values, rows, made });
  return made;
}

/** Columns of ± that are derived quantities are worked out first: only their values count, not their own ±. */
function withWorkedColumns(
  quantities: readonly EvaluatedQuantity[],
  bindings: Bindings,
  table: Table,
): readonly EvaluatedQuantity[] {
  const asked = quantities.filter(({ column }) => column && bindings.formulas.has(column.id));
  if (asked.length === 0) return quantities;
  const derived = evaluateInOrder(bindings, quantities, table);
  return quantities.map((one) =>
    withWorkedColumn(one, one.column && derived.get(one.column.id), table.rows),
  );
}

/** The quantities of a table, those with a formula worked out; the same list where there are none. */
export const withDerived = remembered(
  (
    quantities: readonly EvaluatedQuantity[],
    rows: readonly EvaluatedRow[],
    series: readonly string[],
    constants: Investigation["constants"],
    rules: HouseRules,
  ): readonly EvaluatedQuantity[] => {
    if (quantities.every(({ quantity }) => quantity.formula === undefined)) return quantities;
    const bindings = bind(quantities, constants, rules);
    const table = { rows, series };
    const all = withWorkedColumns(quantities, bindings, table);
    const derived = evaluateInOrder(bindings, all, table);
    const rule = rowRule(rules);
    return all.map((evaluated): EvaluatedQuantity => {
      const formula = bindings.formulas.get(evaluated.id);
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
