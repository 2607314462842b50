import type { Dual } from "@/core/expression/dual";
import { evaluateColumn, type EvaluatedColumn } from "@/core/expression/evaluate";
import { type Lane, laneAt, type Reasons, shiftedLane } from "@/core/expression/lane";
import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import { unitOf } from "@/core/expression/unitOf";
import type { Finding } from "@/core/finding/finding";
import type {
  Binding,
  BoundFormula,
  CommonValue,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
  Variable,
} from "../evaluated";
import { measuredColumn } from "../measured";
import { withoutColumns } from "./columnFunctions";
import { reach, variablesOf } from "./formulaVariables";
import { type ReadingLanes, readingLanes } from "./readingLanes";

type Bound = Extract<BoundFormula, { kind: "bound" }>;

/** What the columns are evaluated from. */
export interface Sources {
  readonly rows: readonly EvaluatedRow[];
  readonly quantities: ReadonlyMap<string, EvaluatedQuantity>;
  readonly derived: ReadonlyMap<string, DerivedColumn>;
}

/** The sizes of a lane so many rows on, 0 behind the last row. */
function shiftedSizes(lane: Lane, shift: number): Lane {
  if (typeof lane === "number" || shift === 0) return lane;
  const shifted = new Float64Array(lane.length);
  shifted.set(lane.subarray(shift));
  return shifted;
}

const nearly = 0.1;

function markNearlyEqual(marks: Uint8Array, left: Lane, right: Lane): void {
  for (let row = 0; row < marks.length; row++) {
    const [a, b] = [laneAt(left, row), laneAt(right, row)];
    if (Math.abs(a - b) < nearly * Math.max(Math.abs(a), Math.abs(b))) marks[row] = 1;
  }
}

/** Evaluates one expression over all rows; what it rests on is gathered on the way. */
class ColumnEvaluation {
  readonly variables: readonly Variable[];
  readonly sizes: Lane[];
  readonly aside: Uint8Array;
  readonly nearlyEqual: Uint8Array;
  readonly readings = new Map<string, readonly (Measured | undefined)[]>();
  private readonly places: ReadonlyMap<string, number>;

  constructor(
    private readonly formula: Bound,
    private readonly expression: Expression,
    private readonly common: ReadonlyMap<string, CommonValue>,
    private readonly sources: Sources,
  ) {
    const symbols = symbolsOf(expression);
    this.variables = variablesOf(formula, symbols, common, sources.derived);
    this.places = new Map(this.variables.map(({ key }, index) => [key, index]));
    this.sizes = this.variables.map(() => 0);
    this.aside = new Uint8Array(sources.rows.length);
    this.nearlyEqual = new Uint8Array(sources.rows.length);
  }

  run(): EvaluatedColumn {
    return evaluateColumn(this.expression, this.sources.rows.length, {
      symbol: (name, shift, reasons) => this.symbol(name, shift, reasons),
      scaleOfLog: (of) => {
        const outcome = unitOf(of, this.formula.units);
        return outcome.kind === "unit" && outcome.unit.dimension.some((power) => power !== 0)
          ? (outcome.unit.factor ?? 1)
          : 1;
      },
      onDifference: (left, right) => markNearlyEqual(this.nearlyEqual, left, right),
    });
  }

  private along(key: string, values: Lane, sizes: Lane): Dual {
    const place = this.places.get(key);
    if (place === undefined) return { values, slopes: new Map() };
    this.sizes[place] = sizes;
    return { values, slopes: new Map([[place, 1]]) };
  }

  private symbol(name: string, shift: number, reasons: Reasons): Dual | Finding {
    const common = this.common.get(name);
    if (common) return this.along(`${this.formula.id}/${name}`, common.value, common.uncertainty);
    const binding = this.formula.symbols.get(name) as Binding;
    switch (binding.kind) {
      case "constant": {
        const { id, value, uncertainty } = binding.constant;
        return this.along(id, value, uncertainty);
      }
      case "quantity":
        return this.reading(name, binding, shift, reasons);
      case "derived":
        return this.derived(binding.id, shift, reasons);
    }
  }

  private gatherAside(aside: Uint8Array, shift: number): void {
    for (let row = 0; row + shift < aside.length; row++) {
      if (aside[row + shift] === 1) this.aside[row] = 1;
    }
  }

  private reading(
    name: string,
    { id, unit }: Extract<Binding, { kind: "quantity" }>,
    shift: number,
    reasons: Reasons,
  ): Dual {
    const { rows, quantities } = this.sources;
    const lanes: ReadingLanes = readingLanes(rows, quantities.get(id) as EvaluatedQuantity, unit);
    this.readings.set(id, lanes.column);
    for (const row of lanes.missing) {
      reasons.mark(row - shift, { name: "no-reading", symbol: name });
    }
    this.gatherAside(lanes.aside, shift);
    const sizes = shiftedSizes(lanes.sizes, shift);
    return this.along(`${id}+${shift}`, shiftedLane(lanes.values, shift), sizes);
  }

  private derived(id: string, shift: number, reasons: Reasons): Dual | Finding {
    const column = this.sources.derived.get(id);
    if (!column) return { name: "not-a-formula" };
    for (const [row, finding] of column.reasons) reasons.mark(row - shift, finding);
    this.gatherAside(column.aside, shift);
    const slopes = new Map<number, Lane>();
    column.variables.forEach((variable, index) => {
      const own = variable.kind !== "reading";
      const key = own ? variable.key : `${variable.id}+${variable.shift + shift}`;
      const place = this.places.get(key);
      if (place === undefined) return;
      this.sizes[place] = shiftedSizes(column.sizes[index] as Lane, shift);
      const slope = column.slopes.get(index);
      if (slope !== undefined) slopes.set(place, shiftedLane(slope, shift));
    });
    return { values: shiftedLane(column.values, shift), slopes };
  }
}

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
function inputsOf(formula: Bound, { rows, quantities, derived }: Sources): readonly unknown[] {
  return [...formula.symbols.values()].map((binding) => {
    if (binding.kind === "constant") return undefined;
    if (binding.kind === "derived") return derived.get(binding.id)?.values;
    const quantity = quantities.get(binding.id) as EvaluatedQuantity;
    return readingLanes(rows, quantity, binding.unit).values;
  });
}

interface Known {
  readonly rows: readonly EvaluatedRow[];
  readonly inputs: readonly unknown[];
  readonly column: DerivedColumn;
}

const newest = new WeakMap<Bound, Known>();

function readingsAnew(column: DerivedColumn, { rows, quantities }: Sources): DerivedColumn {
  const ids = [...column.readings.keys()];
  const readings = new Map(
    ids.map((id) => [id, measuredColumn(rows, quantities.get(id) as EvaluatedQuantity)]),
  );
  return { ...column, readings };
}

/**
 * Works out one derived quantity from the readings, constants and derived quantities that it names; where nothing that
 * it names has changed, its values are those from before.
 */
export function evaluateDerived(formula: Bound, sources: Sources): DerivedColumn {
  const before = newest.get(formula);
  if (before?.rows === sources.rows) return before.column;
  const inputs = inputsOf(formula, sources);
  const same =
    before?.rows.length === sources.rows.length &&
    inputs.every((input, index) => input === before.inputs[index]);
  const column = same ? readingsAnew(before.column, sources) : evaluateAll(formula, sources);
  newest.set(formula, { rows: sources.rows, inputs, column });
  return column;
}

function evaluateAll(formula: Bound, sources: Sources): DerivedColumn {
  const rows = sources.rows.length;
  const rowLocal = isRowLocal(formula, sources);
  const plain = withoutColumns(formula.expression, (of) => {
    const inner = new ColumnEvaluation(formula, of, new Map(), sources);
    const { values, slopes, reasons } = inner.run();
    const sizeAt = (row: number) =>
      Math.hypot(
        ...[...slopes].map(([i, slope]) => laneAt(slope, row) * laneAt(inner.sizes[i] ?? 0, row)),
      );
    const taking = Array.from({ length: rows }, (_, row) => row).filter(
      (row) => !reasons.has(row) && inner.aside[row] !== 1,
    );
    return taking.map((row) => ({ value: laneAt(values, row), uncertainty: sizeAt(row) }));
  });
  const own = { id: formula.id, formula, rowLocal, rows };
  if ("name" in plain) {
    const reasons = new Map(sources.rows.map((_, row) => [row, plain]));
    const nothing = { variables: [], readings: new Map(), values: NaN, slopes: new Map() };
    const [aside, nearlyEqual] = [new Uint8Array(rows), new Uint8Array(rows)];
    return { ...own, ...nothing, sizes: [], aside, nearlyEqual, reasons };
  }
  const evaluation = new ColumnEvaluation(formula, plain.expression, plain.common, sources);
  const { values, slopes, reasons } = evaluation.run();
  const { variables, sizes, aside, nearlyEqual, readings } = evaluation;
  return { ...own, variables, readings, values, slopes, sizes, aside, nearlyEqual, reasons };
}
