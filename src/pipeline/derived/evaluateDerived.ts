import type { Finding } from "@/core/finding/finding";
import type { Dual } from "@/core/expression/dual";
import { evaluate, type Evaluation, type Scope } from "@/core/expression/evaluate";
import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import { unitOf } from "@/core/expression/unitOf";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import { measuredColumn } from "../measured";
import { withoutColumns } from "./columnFunctions";
import type {
  Binding,
  BoundFormula,
  CommonValue,
  DerivedCell,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
  Variable,
} from "../evaluated";

type Bound = Extract<BoundFormula, { kind: "bound" }>;

/** What the columns are evaluated from. */
export interface Sources {
  readonly rows: readonly EvaluatedRow[];
  readonly quantities: ReadonlyMap<string, EvaluatedQuantity>;
  readonly derived: ReadonlyMap<string, DerivedColumn>;
}

export function isFinding(cell: DerivedCell | Finding): cell is Finding {
  return "name" in cell;
}

const readingKey = (id: string, shift: number) => `${id}+${shift}`;

/** How many rows further than its own an expression looks. */
function reach(expression: Expression): number {
  switch (expression.kind) {
    case "number":
    case "pi":
    case "symbol":
    case "column":
      return 0;
    case "operation":
      return Math.max(reach(expression.left), reach(expression.right));
    case "neighbour":
      return 1 + reach(expression.of);
    default:
      return reach(expression.of);
  }
}

function variablesOf(
  formula: Bound,
  symbols: readonly string[],
  common: ReadonlyMap<string, CommonValue>,
  far: number,
  sources: Sources,
): Variable[] {
  const found = new Map<string, Variable>();
  const add = (variable: Variable) => found.set(variable.key, variable);
  for (const name of symbols) {
    const binding = formula.symbols.get(name);
    if (common.has(name)) add({ key: `${formula.id}/${name}`, kind: "column", id: name, shift: 0 });
    else if (binding?.kind === "constant") {
      const { id } = binding.constant;
      add({ key: id, kind: "constant", id, shift: 0 });
    } else if (binding?.kind === "quantity") {
      for (let shift = 0; shift <= far; shift++) {
        add({ key: readingKey(binding.id, shift), kind: "reading", id: binding.id, shift });
      }
    } else if (binding?.kind === "derived") {
      for (const variable of sources.derived.get(binding.id)?.variables ?? []) {
        for (let shift = 0; shift <= (variable.kind === "reading" ? far : 0); shift++) {
          const on = variable.shift + shift;
          const key = variable.kind === "reading" ? readingKey(variable.id, on) : variable.key;
          add({ ...variable, key, shift: on });
        }
      }
    }
  }
  return [...found.values()];
}

/** Evaluates one formula row by row; the sizes of its variables' ± are gathered on the way. */
class ColumnEvaluation {
  private origin = 0;
  private sizes = new Float64Array(0);
  private aside = false;
  private readonly index: ReadonlyMap<string, number>;
  readonly columns = new Map<string, ReturnType<typeof measuredColumn>>();

  constructor(
    private readonly formula: Bound,
    private readonly expression: Expression,
    private readonly common: ReadonlyMap<string, CommonValue>,
    readonly variables: readonly Variable[],
    private readonly sources: Sources,
  ) {
    this.index = new Map(variables.map(({ key }, index) => [key, index]));
  }

  cell(row: number): DerivedCell | Finding {
    this.origin = row;
    this.sizes = new Float64Array(this.variables.length);
    this.aside = false;
    const found: Evaluation = evaluate(this.expression, row, this.scope);
    if (found.kind === "nothing") return found.finding;
    return { ...found.dual, sizes: this.sizes, aside: this.aside };
  }

  private readonly scope: Scope = {
    variables: 0,
    symbol: (name, row) => this.symbol(name, row),
    next: (row) => (row + 1 < this.sources.rows.length ? row + 1 : undefined),
    rows: () => [],
    scaleOfLog: (of) => {
      const outcome = unitOf(of, this.formula.units);
      return outcome.kind === "unit" && outcome.unit.dimension.some((power) => power !== 0)
        ? (outcome.unit.factor ?? 1)
        : 1;
    },
  };

  private one(key: string, value: number, size: number): Dual {
    const slopes = new Float64Array(this.variables.length);
    const at = this.index.get(key);
    if (at !== undefined) {
      slopes[at] = 1;
      this.sizes[at] = size;
    }
    return { value, slopes };
  }

  private symbol(name: string, row: number): Dual | Finding {
    const common = this.common.get(name);
    if (common) return this.one(`${this.formula.id}/${name}`, common.value, common.uncertainty);
    const binding = this.formula.symbols.get(name) as Binding;
    switch (binding.kind) {
      case "constant":
        return this.one(binding.constant.id, binding.constant.value, binding.constant.uncertainty);
      case "quantity":
        return this.reading(name, binding, row);
      case "derived":
        return this.derived(binding.id, row);
    }
  }

  private reading(name: string, { id, unit }: Extract<Binding, { kind: "quantity" }>, row: number) {
    let column = this.columns.get(id);
    if (!column) {
      const quantity = this.sources.quantities.get(id) as EvaluatedQuantity;
      this.columns.set(id, (column = measuredColumn(this.sources.rows, quantity)));
    }
    const found = column[row];
    if (!found) return { name: "no-reading", symbol: name } as const;
    if (found.aside) this.aside = true;
    const { factor = 1, offset } = unit;
    const key = readingKey(id, row - this.origin);
    return this.one(key, found.value * factor + offset, meanBar(found.bars) * factor);
  }

  private derived(id: string, row: number): Dual | Finding {
    const column = this.sources.derived.get(id);
    const cell = column?.cells[row];
    if (!column || !cell) return { name: "not-a-formula" };
    if (isFinding(cell)) return cell;
    if (cell.aside) this.aside = true;
    const slopes = new Float64Array(this.variables.length);
    column.variables.forEach((variable, place) => {
      const on = variable.shift + row - this.origin;
      const key = variable.kind === "reading" ? readingKey(variable.id, on) : variable.key;
      const at = this.index.get(key);
      if (at === undefined) return;
      slopes[at] = (slopes[at] as number) + (cell.slopes[place] as number);
      this.sizes[at] = cell.sizes[place] as number;
    });
    return { value: cell.value, slopes };
  }

  /** The scope knows how many variables there are only once they are. */
  ready(): this {
    Object.assign(this.scope, { variables: this.variables.length });
    return this;
  }
}

function holdsColumn(expression: Expression): boolean {
  return expression.kind === "column" || partsOf(expression).some(holdsColumn);
}

/** Whether a row's value depends on that row alone. */
function isRowLocal(formula: Bound, { derived }: Sources): boolean {
  if (reach(formula.expression) > 0 || holdsColumn(formula.expression)) return false;
  return [...formula.symbols.values()].every((binding) => {
    const inner = binding.kind === "derived" ? derived.get(binding.id) : undefined;
    return binding.kind !== "derived" || (inner !== undefined && inner.rowLocal);
  });
}

const newest = new WeakMap<Bound, { rows: readonly EvaluatedRow[]; column: DerivedColumn }>();

/**
 * Works out one derived quantity from the readings, constants and derived quantities that it names. Where a row's
 * value depends on that row alone, rows that did not change keep theirs.
 */
export function evaluateDerived(formula: Bound, sources: Sources): DerivedColumn {
  const before = newest.get(formula);
  if (before?.rows === sources.rows) return before.column;
  const column = before?.column.rowLocal
    ? evaluateChanged(formula, sources, before)
    : evaluateAll(formula, sources);
  newest.set(formula, { rows: sources.rows, column });
  return column;
}

function evaluateChanged(
  formula: Bound,
  sources: Sources,
  before: { rows: readonly EvaluatedRow[]; column: DerivedColumn },
): DerivedColumn {
  const { variables } = before.column;
  const none: ReadonlyMap<string, CommonValue> = new Map();
  const evaluation = new ColumnEvaluation(
    formula,
    formula.expression,
    none,
    variables,
    sources,
  ).ready();
  const cells = sources.rows.map((row, index) =>
    row === before.rows[index]
      ? (before.column.cells[index] as DerivedCell | Finding)
      : evaluation.cell(index),
  );
  const readings = new Map(
    [...before.column.readings.keys()].map((id) => [
      id,
      measuredColumn(sources.rows, sources.quantities.get(id) as EvaluatedQuantity),
    ]),
  );
  return { ...before.column, cells, readings };
}

function evaluateAll(formula: Bound, sources: Sources): DerivedColumn {
  const rowLocal = isRowLocal(formula, sources);
  const far = reach(formula.expression);
  const evaluationOf = (expression: Expression, common: ReadonlyMap<string, CommonValue>) => {
    const symbols = symbolsOf(expression);
    const variables = variablesOf(formula, symbols, common, far, sources);
    return new ColumnEvaluation(formula, expression, common, variables, sources).ready();
  };
  const none: ReadonlyMap<string, CommonValue> = new Map();
  const plain = withoutColumns(formula.expression, (of) => {
    const inner = evaluationOf(of, none);
    return sources.rows.map((_, row) => inner.cell(row));
  });
  if ("name" in plain) {
    const cells = sources.rows.map(() => plain);
    return { id: formula.id, formula, rowLocal, variables: [], readings: new Map(), cells };
  }
  const evaluation = evaluationOf(plain.expression, plain.common);
  const cells = sources.rows.map((_, row) => evaluation.cell(row));
  const { variables, columns: readings } = evaluation;
  return { id: formula.id, formula, rowLocal, variables, readings, cells };
}
