import { Latest } from "@/remembered/latest";
import { type Expression, partsOf } from "@/core/expression/tree";
import type {
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
  WholeColumn,
} from "../readings/evaluated";
import { measuredColumn } from "../readings/measured";
import { type Bound, ColumnEvaluation, type Sources } from "./columnEvaluation";
import { wholeColumn } from "./columnFunctions";
import { reach } from "./formulaVariables";
import { readingLanes } from "./readingLanes";

export type { Sources } from "./columnEvaluation";

function holdsColumn(expression: Expression): boolean {
  return expression.kind === "column" || partsOf(expression).some(holdsColumn);
}

/** Whether a row's value depends on that row alone. */
function isRowLocal(formula: Bound, { derived }: Sources): boolean {
  if (reach(formula.expression) > 0 || holdsColumn(formula.expression)) return false;
  return [...formula.symbols.values()].every(
    (binding) => binding.kind !== "derived" || derived.get(binding.id)?.rowLocal === true,
  );
}

/** What a formula's columns hold: as long as these are the same, so is what it gives. */
function inputsOf(formula: Bound, { rows, runs, quantities, derived, neighbours }: Sources) {
  const columns = [...formula.symbols.values()].map((binding): unknown => {
    if (binding.kind === "constant") return undefined;
    if (binding.kind === "derived") return derived.get(binding.id)?.values;
    return readingLanes(rows, quantities.get(binding.id) as EvaluatedQuantity).values;
  });
  return [...columns, runs, neighbours.get(formula.id)];
}

interface Known {
  readonly rows: readonly EvaluatedRow[];
  readonly inputs: readonly unknown[];
  readonly column: DerivedColumn;
}

const newest = new Latest<Bound, Known>();

function readingsAnew(column: DerivedColumn, { rows, quantities }: Sources): DerivedColumn {
  const ids = [...column.readings.keys()];
  const readings = new Map<string, readonly (Measured | undefined)[]>(
    ids.map((id) => [id, measuredColumn(rows, quantities.get(id) as EvaluatedQuantity)]),
  );
  return { ...column, readings };
}

/**
 * Works out one derived quantity from the readings, constants and derived quantities that it names; where nothing that
 * it names has changed, its values are those from before.
 */
export function evaluateDerived(formula: Bound, sources: Sources): DerivedColumn {
  const before = newest.of(formula);
  const inputs = inputsOf(formula, sources);
  const same =
    before?.rows.length === sources.rows.length &&
    inputs.every((input, index) => input === before.inputs[index]);
  if (same && before.rows === sources.rows) return before.column;
  const column = same ? readingsAnew(before.column, sources) : evaluateAll(formula, sources);
  newest.keep(formula, { rows: sources.rows, inputs, column });
  return column;
}

/** Works the whole-column functions of a formula out and puts symbols in their places, the inner ones first. */
class WithoutColumns {
  readonly common = new Map<string, WholeColumn>();

  constructor(
    private readonly formula: Bound,
    private readonly sources: Sources,
  ) {}

  of(expression: Expression): Expression {
    switch (expression.kind) {
      case "number":
      case "pi":
      case "symbol":
        return expression;
      case "operation":
        return { ...expression, left: this.of(expression.left), right: this.of(expression.right) };
      case "column":
        return this.symbolFor(expression);
      default:
        return { ...expression, of: this.of(expression.of) };
    }
  }

  private symbolFor(expression: Expression & { readonly kind: "column" }): Expression {
    const { formula, sources } = this;
    const plain = this.of(expression.of);
    const inner = new ColumnEvaluation(formula, plain, this.common, sources);
    const { values, slopes, reasons } = inner.run();
    const { variables, sizes, wholes, aside, steps } = inner;
    const takes = (row: number) => !reasons.has(row) && aside[row] !== 1;
    const name = `${expression.name}#${this.common.size + 1}`;
    const found = wholeColumn(
      expression,
      `${formula.id}/${name}`,
      { values, slopes, variables, sizes, wholes, takes, at: steps.at },
      sources.runs,
    );
    this.common.set(name, found);
    return { kind: "symbol", name };
  }
}

function evaluateAll(formula: Bound, sources: Sources): DerivedColumn {
  const columns = new WithoutColumns(formula, sources);
  const plain = columns.of(formula.expression);
  const evaluation = new ColumnEvaluation(formula, plain, columns.common, sources);
  const { values, slopes, reasons } = evaluation.run();
  const { variables, sizes, aside, unstated, nearlyEqual, readings } = evaluation;
  const { readingSizes, wholes, steps } = evaluation;
  return {
    id: formula.id,
    formula,
    rowLocal: isRowLocal(formula, sources),
    rows: sources.rows.length,
    runs: sources.runs,
    steps,
    wholes,
    readingSizes,
    variables,
    readings,
    values,
    slopes,
    sizes,
    aside,
    unstated,
    nearlyEqual,
    reasons,
  };
}
