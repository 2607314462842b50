import { type Lane, laneAt } from "@/core/expression/lane";
import { printFormula } from "@/core/expression/print";
import type { ColumnName, Expression } from "@/core/expression/tree";
import type { Runs, Variable, WholeColumn } from "../readings/evaluated";

/** What stands inside a whole-column function, row by row: its values with their slopes along the readings. */
export interface InnerColumn {
  readonly values: Lane;
  readonly slopes: ReadonlyMap<number, Lane>;
  readonly variables: readonly Variable[];
  /** The ± of each variable. */
  readonly sizes: readonly Lane[];
  readonly wholes: ReadonlyMap<number, WholeColumn>;
  /** The row that so many steps behind each row. */
  readonly at: (steps: number) => Int32Array;
  readonly takes: (row: number) => boolean;
}

/** How much each row of a run counts in the value of the function. */
interface Weighing {
  readonly value: number;
  readonly rows: readonly number[];
  readonly weight: number;
}

const one = (row: number, value: number): Weighing => ({ value, rows: [row], weight: 1 });

/** One value for a run of rows; undefined where none of them takes part. */
function weigh(name: ColumnName, rows: readonly number[], values: Lane): Weighing | undefined {
  if (name === "count") return { value: rows.length, rows: [], weight: 0 };
  const [first] = rows;
  const last = rows.at(-1);
  if (first === undefined || last === undefined) return undefined;
  const at = (row: number) => laneAt(values, row);
  const best = (better: (a: number, b: number) => boolean) => {
    const row = rows.reduce((found, next) => (better(at(next), at(found)) ? next : found), first);
    return one(row, at(row));
  };
  switch (name) {
    case "first":
      return one(first, at(first));
    case "last":
      return one(last, at(last));
    case "min":
      return best((a, b) => a < b);
    case "max":
      return best((a, b) => a > b);
    case "sum":
    case "mean": {
      let sum = 0;
      for (const row of rows) sum += at(row);
      return name === "sum"
        ? { value: sum, rows, weight: 1 }
        : { value: sum / rows.length, rows, weight: 1 / rows.length };
    }
  }
}

/** Gathers how a whole-column function follows each reading and constant. */
class Gradient {
  readonly readings = new Map<string, Float64Array>();
  readonly constants = new Map<string, { readonly slopes: Float64Array; readonly size: number }>();

  constructor(
    private readonly inner: InnerColumn,
    private readonly runs: Runs,
    private readonly rows: number,
  ) {}

  private laneOf(id: string): Float64Array {
    let lane = this.readings.get(id);
    if (!lane) this.readings.set(id, (lane = new Float64Array(this.rows)));
    return lane;
  }

  private addReadings(id: string, { rows, weight }: Weighing, slopes: Lane, at: Int32Array): void {
    let lane: Float64Array | undefined;
    for (const row of rows) {
      const [amount, place] = [weight * laneAt(slopes, row), at[row] as number];
      if (amount === 0 || place < 0) continue;
      lane ??= this.laneOf(id);
      lane[place] = (lane[place] as number) + amount;
    }
  }

  private addConstant(place: number, members: readonly number[], amount: number): void {
    const { key } = this.inner.variables[place] as Variable;
    const size = laneAt(this.inner.sizes[place] ?? 0, 0);
    const known = this.constants.get(key) ?? { slopes: new Float64Array(this.rows), size };
    this.constants.set(key, known);
    for (const row of members) known.slopes[row] = (known.slopes[row] as number) + amount;
  }

  /** A function inside the function: along its readings, as far as its own run reaches. */
  private addWhole(whole: WholeColumn, row: number, amount: number): void {
    const run = this.runs.of[row];
    for (const [id, slopes] of whole.readings) {
      const lane = this.laneOf(id);
      for (let at = 0; at < slopes.length; at++) {
        if (slopes[at] === 0 || (!whole.all && this.runs.of[at] !== run)) continue;
        lane[at] = (lane[at] as number) + amount * (slopes[at] as number);
      }
    }
  }

  /** What the rows of one run bring; `members` are all rows that get the value. */
  add(weighing: Weighing, members: readonly number[]): void {
    const { slopes, variables, wholes, at } = this.inner;
    for (const [place, lane] of slopes) {
      const variable = variables[place] as Variable;
      const whole = wholes.get(place);
      if (whole) this.addWholes(whole, weighing, lane);
      else if (variable.kind === "constant") {
        let amount = 0;
        for (const row of weighing.rows) amount += weighing.weight * laneAt(lane, row);
        if (amount !== 0) this.addConstant(place, members, amount);
      } else this.addReadings(variable.id, weighing, lane, at(variable.shift));
    }
  }

  /** A function inside the function, run by run: what its rows bring together. */
  private addWholes(whole: WholeColumn, { rows, weight }: Weighing, slopes: Lane): void {
    const amounts = new Map<number | undefined, { row: number; amount: number }>();
    for (const row of rows) {
      const amount = weight * laneAt(slopes, row);
      if (amount === 0) continue;
      const key = whole.all ? undefined : this.runs.of[row];
      amounts.set(key, { row, amount: amount + (amounts.get(key)?.amount ?? 0) });
    }
    for (const { row, amount } of amounts.values()) this.addWhole(whole, row, amount);
  }
}

/** Works one whole-column function out, run by run, with its slopes along everything that it follows from. */
export function wholeColumn(
  expression: Expression & { readonly kind: "column" },
  key: string,
  inner: InnerColumn,
  runs: Runs,
): WholeColumn {
  const rows = runs.of.length;
  const all = expression.all === true;
  const members: number[][] = Array.from({ length: all ? 1 : runs.count }, () => []);
  runs.of.forEach((run, row) => members[all ? 0 : run]?.push(row));
  const values = new Float64Array(rows).fill(NaN);
  const gradient = new Gradient(inner, runs, rows);
  const empty = new Set<number>();
  members.forEach((own, run) => {
    const taking = own.filter(inner.takes);
    const found = weigh(expression.name, taking, inner.values);
    if (!found) {
      empty.add(run);
      return;
    }
    for (const row of own) values[row] = found.value;
    gradient.add(found, own);
  });
  const { readings, constants } = gradient;
  return { key, text: printFormula(expression), all, values, readings, constants, empty };
}
