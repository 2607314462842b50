import type { Dual } from "@/core/expression/dual";
import { evaluateColumn, type EvaluatedColumn } from "@/core/expression/evaluate";
import { type Lane, laneAt, laneFrom, type Reasons } from "@/core/expression/lane";
import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import { unitOf } from "@/core/expression/unitOf";
import type { Finding } from "@/core/finding/finding";
import type {
  Binding,
  BoundFormula,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Measured,
  Runs,
  Variable,
  WholeColumn,
} from "../readings/evaluated";
import { variablesOf } from "./formulaVariables";
import type { Neighbours } from "./neighbourSteps";
import { type ReadingLanes, readingLanes } from "./readingLanes";

export type Bound = Extract<BoundFormula, { kind: "bound" }>;

/** What the columns are evaluated from. */
export interface Sources {
  readonly rows: readonly EvaluatedRow[];
  readonly runs: Runs;
  readonly quantities: ReadonlyMap<string, EvaluatedQuantity>;
  readonly derived: ReadonlyMap<string, DerivedColumn>;
  /** Which row is the next one, by the formula's quantity. */
  readonly neighbours: ReadonlyMap<string, Neighbours>;
}

const nearly = 0.1;

function markNearlyEqual(marks: Uint8Array, left: Lane, right: Lane): void {
  for (let row = 0; row < marks.length; row++) {
    const [a, b] = [laneAt(left, row), laneAt(right, row)];
    if (Math.abs(a - b) < nearly * Math.max(Math.abs(a), Math.abs(b))) marks[row] = 1;
  }
}

function holdsNeighbour(expression: Expression): boolean {
  return expression.kind === "neighbour" || partsOf(expression).some(holdsNeighbour);
}

/** The ± of a whole-column function by its readings, in quadrature, as all rows of its run have it. */
function sizesOfWhole(
  { readings, all }: WholeColumn,
  sizesOf: ReadonlyMap<string, Float64Array>,
  { count, of }: Runs,
): Lane {
  const sums = new Float64Array(count);
  for (const [id, slopes] of readings) {
    const sizes = sizesOf.get(id) ?? new Float64Array(slopes.length);
    for (let row = 0; row < slopes.length; row++) {
      const run = all ? 0 : (of[row] as number);
      sums[run] = (sums[run] as number) + ((slopes[row] as number) * (sizes[row] as number)) ** 2;
    }
  }
  const lane = new Float64Array(of.length);
  for (let row = 0; row < lane.length; row++) {
    lane[row] = Math.sqrt(sums[all ? 0 : (of[row] as number)] as number);
  }
  return lane;
}

/** Evaluates one expression over all rows; what it rests on is gathered on the way. */
export class ColumnEvaluation {
  readonly variables: readonly Variable[];
  readonly sizes: Lane[];
  readonly aside: Uint8Array;
  readonly unstated: Uint8Array;
  readonly nearlyEqual: Uint8Array;
  readonly readings = new Map<string, readonly (Measured | undefined)[]>();
  readonly readingSizes = new Map<string, Float64Array>();
  readonly wholes = new Map<number, WholeColumn>();
  readonly steps: Neighbours;
  private readonly variableIndices: ReadonlyMap<string, number>;

  constructor(
    private readonly formula: Bound,
    private readonly expression: Expression,
    private readonly common: ReadonlyMap<string, WholeColumn>,
    private readonly sources: Sources,
  ) {
    this.variables = variablesOf(
      formula,
      expression,
      symbolsOf(expression),
      common,
      sources.derived,
    );
    this.variableIndices = new Map(this.variables.map(({ key }, index) => [key, index]));
    this.sizes = this.variables.map(() => 0);
    this.aside = new Uint8Array(sources.rows.length);
    this.unstated = new Uint8Array(sources.rows.length);
    this.nearlyEqual = new Uint8Array(sources.rows.length);
    this.steps = sources.neighbours.get(formula.id) as Neighbours;
  }

  run(): EvaluatedColumn {
    const { formula, steps, expression } = this;
    const found = evaluateColumn(expression, this.sources.rows.length, {
      symbol: (name, shift, reasons) => this.symbol(name, shift, reasons),
      scaleOfLog: (of) => scaleOfLogIn(of, formula),
      steps,
      onDifference: (left, right) => markNearlyEqual(this.nearlyEqual, left, right),
    });
    if (steps.lacking.size === 0 || !holdsNeighbour(expression)) return found;
    const lacking = [...steps.lacking].map(
      ([row, symbol]) => [row, { name: "no-reading", symbol }] as const,
    );
    return { ...found, reasons: new Map<number, Finding>([...lacking, ...found.reasons]) };
  }

  private along(key: string, values: Lane, sizes: Lane): Dual {
    const variable = this.variableIndices.get(key);
    if (variable === undefined) return { values, slopes: new Map() };
    this.sizes[variable] = sizes;
    return { values, slopes: new Map([[variable, 1]]) };
  }

  private symbol(name: string, shift: number, reasons: Reasons): Dual | Finding {
    const whole = this.common.get(name);
    if (whole) return this.whole(whole, reasons);
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

  /** A whole-column function is the same in all rows of its run, so a neighbour has it too. */
  private whole(whole: WholeColumn, reasons: Reasons): Dual {
    if (whole.empty.size > 0) {
      this.sources.runs.of.forEach((run, row) => {
        if (whole.empty.has(whole.all ? 0 : run)) reasons.mark(row, { name: "empty-column" });
      });
    }
    const variable = this.variableIndices.get(whole.key) as number;
    this.takeWhole(variable, whole);
    const slopes = new Map<number, Lane>([[variable, 1]]);
    for (const [key, { slopes: lane, size }] of whole.constants) {
      const at = this.variableIndices.get(key);
      if (at === undefined) continue;
      slopes.set(at, lane);
      this.sizes[at] = size;
    }
    return { values: whole.values, slopes };
  }

  private takeWhole(variable: number, whole: WholeColumn): void {
    this.wholes.set(variable, whole);
    for (const id of whole.readings.keys()) this.takeSizes(id);
    this.sizes[variable] = sizesOfWhole(whole, this.readingSizes, this.sources.runs);
  }

  private lanesOf(id: string): ReadingLanes {
    const { rows, quantities } = this.sources;
    const evaluated = quantities.get(id) as EvaluatedQuantity;
    const lanes = readingLanes(rows, evaluated);
    this.readingSizes.set(id, lanes.sizes);
    return lanes;
  }

  private takeSizes(id: string): void {
    if (!this.readingSizes.has(id)) this.lanesOf(id);
  }

  private gather(from: Pick<ReadingLanes, "aside" | "unstated">, rows: Int32Array): void {
    for (let row = 0; row < rows.length; row++) {
      const at = rows[row] as number;
      if (at < 0) continue;
      if (from.aside[at] === 1) this.aside[row] = 1;
      if (from.unstated[at] === 1) this.unstated[row] = 1;
    }
  }

  private reading(
    name: string,
    { id }: Extract<Binding, { kind: "quantity" }>,
    shift: number,
    reasons: Reasons,
  ): Dual {
    const lanes = this.lanesOf(id);
    this.readings.set(id, lanes.column);
    const places = this.steps.at(shift);
    if (lanes.missing.length > 0) {
      const missing = new Set(lanes.missing);
      places.forEach((place, row) => {
        if (missing.has(place)) reasons.mark(row, { name: "no-reading", symbol: name });
      });
    }
    this.gather(lanes, places);
    if (shift === 0) return this.along(`${id}+0`, lanes.values, lanes.sizes);
    const sizes = laneFrom(lanes.sizes, places, 0);
    return this.along(`${id}+${shift}`, laneFrom(lanes.values, places), sizes);
  }

  private derived(id: string, shift: number, reasons: Reasons): Dual | Finding {
    const column = this.sources.derived.get(id);
    if (!column) return { name: "not-a-formula" };
    const places = this.steps.at(shift);
    const moved = (lane: Lane, missing = NaN) =>
      shift === 0 ? lane : laneFrom(lane, places, missing);
    if (column.reasons.size > 0) {
      places.forEach((place, row) => {
        const finding = column.reasons.get(place);
        if (finding) reasons.mark(row, finding);
      });
    }
    this.gather(column, places);
    const slopes = new Map<number, Lane>();
    column.variables.forEach((variable, index) => {
      const own = variable.kind !== "reading";
      const key = own ? variable.key : `${variable.id}+${variable.shift + shift}`;
      const place = this.variableIndices.get(key);
      if (place === undefined) return;
      const whole = column.wholes.get(index);
      if (whole) this.takeWhole(place, whole);
      else this.sizes[place] = moved(column.sizes[index] as Lane, 0);
      if (!own) this.takeSizes(variable.id);
      const slope = column.slopes.get(index);
      if (slope !== undefined) slopes.set(place, moved(slope));
    });
    return { values: moved(column.values), slopes };
  }
}

/** The factor by which a logarithm divides first, so that it sees the number in the typed unit (calculation § 5). */
export function scaleOfLogIn(of: Expression, { units }: Pick<Bound, "units">): number {
  const outcome = unitOf(of, units);
  return outcome.kind === "unit" && outcome.unit.dimension.some((power) => power !== 0)
    ? (outcome.unit.factor ?? 1)
    : 1;
}
