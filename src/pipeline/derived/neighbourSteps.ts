import { Latest } from "@/remembered/latest";
import { type RowSteps, rowSteps } from "@/core/expression/lane";
import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import type { BoundFormula, EvaluatedQuantity, EvaluatedRow, Runs } from "../readings/evaluated";
import { measuredColumn } from "../readings/measured";

type Bound = Extract<BoundFormula, { kind: "bound" }>;

/** The rows that neighbour functions step over, and why. */
export interface Neighbours extends RowSteps {
  /** The symbol whose reading is missing in a row that is stepped over for that. */
  readonly lacking: ReadonlyMap<number, string>;
}

/** The symbols that stand inside change( ) and middle( ). */
function underNeighbours(expression: Expression): readonly string[] {
  return expression.kind === "neighbour"
    ? symbolsOf(expression)
    : partsOf(expression).flatMap(underNeighbours);
}

/** Formulas that name each other, or the same readings, belong together: in all of them the same row is the next one. */
function groupsOf(formulas: readonly Bound[]): ReadonlyMap<string, readonly Bound[]> {
  const parent = new Map<string, string>();
  const root = (id: string): string => {
    const up = parent.get(id) ?? id;
    return up === id ? id : root(up);
  };
  for (const { id, symbols } of formulas) {
    for (const binding of symbols.values()) {
      if (binding.kind !== "constant") parent.set(root(binding.id), root(id));
    }
  }
  const groups = new Map<string, Bound[]>();
  for (const formula of formulas) {
    const key = root(formula.id);
    groups.set(key, [...(groups.get(key) ?? []), formula]);
  }
  return new Map(formulas.map(({ id }) => [id, groups.get(root(id)) ?? []]));
}

/** The readings that the neighbour functions of a group rest on. */
function readingsUnder(group: readonly Bound[]): ReadonlySet<string> {
  const found = new Set<string>();
  const visit = (formula: Bound, name: string) => {
    const binding = formula.symbols.get(name);
    if (binding?.kind === "quantity") found.add(binding.id);
    if (binding?.kind !== "derived") return;
    const inner = group.find(({ id }) => id === binding.id);
    for (const [symbol] of inner?.symbols ?? []) if (inner) visit(inner, symbol);
  };
  for (const formula of group) {
    for (const name of underNeighbours(formula.expression)) visit(formula, name);
  }
  return found;
}

function stepsOver(
  ids: ReadonlySet<string>,
  rows: readonly EvaluatedRow[],
  quantities: ReadonlyMap<string, EvaluatedQuantity>,
  runs: Runs,
): Neighbours {
  const lacking = new Map<number, string>();
  const passed = new Uint8Array(rows.length);
  for (const id of ids) {
    const evaluated = quantities.get(id) as EvaluatedQuantity;
    measuredColumn(rows, evaluated).forEach((found, row) => {
      if (!found && !lacking.has(row)) lacking.set(row, evaluated.quantity.symbol);
      if (!found || found.aside) passed[row] = 1;
    });
  }
  const next = new Int32Array(rows.length).fill(-1);
  const behind = new Int32Array(runs.count).fill(-1);
  for (let row = rows.length - 1; row >= 0; row--) {
    const run = runs.of[row] as number;
    next[row] = behind[run] as number;
    if (passed[row] === 0) behind[run] = row;
  }
  return { ...rowSteps(next), lacking };
}

function sameRows(a: Int32Array, b: Int32Array): boolean {
  if (a.length !== b.length) return false;
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return false;
  return true;
}

function sameSteps(a: Neighbours, b: Neighbours): boolean {
  return (
    sameRows(a.at(1), b.at(1)) &&
    a.lacking.size === b.lacking.size &&
    [...a.lacking].every(([row, symbol]) => b.lacking.get(row) === symbol)
  );
}

const newest = new Latest<Bound, Neighbours>();

/**
 * Which row is the next one for each formula of a table (calculation § 4): within its series, past rows that are set
 * aside or empty in what the neighbour functions rest on. The same object as long as no row comes, goes or is passed over.
 */
export function neighbourSteps(
  formulas: readonly Bound[],
  rows: readonly EvaluatedRow[],
  quantities: ReadonlyMap<string, EvaluatedQuantity>,
  runs: Runs,
): ReadonlyMap<string, Neighbours> {
  const made = new Map<readonly Bound[], Neighbours>();
  const found = new Map<string, Neighbours>();
  const groups = groupsOf(formulas);
  for (const formula of formulas) {
    const group = groups.get(formula.id) as readonly Bound[];
    const steps = made.get(group) ?? stepsOver(readingsUnder(group), rows, quantities, runs);
    made.set(group, steps);
    const before = newest.of(formula);
    const kept = before && sameSteps(before, steps) ? before : steps;
    newest.keep(formula, kept);
    found.set(formula.id, kept);
  }
  return found;
}
