import { remembered } from "@/remembered/remembered";
import { laneAt } from "@/core/expression/lane";
import type { PropagationRule } from "@/core/uncertainty/propagate";
import type { DerivedCell, DerivedColumn, WholeColumn } from "../readings/evaluated";

/** A whole-column function with the slope of a row along it. */
interface Along {
  readonly whole: WholeColumn;
  readonly variable: number;
  readonly slope: number;
}

/** Below this part of what it is the difference of, a ± is rounding of the arithmetic. */
const rounding = 1e-13;

/** The rows whose readings reach a row through its whole-column functions: those of its run, or all. */
const everyRow = -1;

/** Sums over the readings of whole-column functions, each worked out once for all rows of a run. */
class WholeSums {
  private readonly products = new Map<string, readonly number[]>();
  private readonly sizes = new Map<string, number>();

  constructor(private readonly column: DerivedColumn) {}

  /** Σ cⱼ c′ⱼ σⱼ² of two functions over the rows of each run, and at the end over all rows. */
  private productsOf(id: string, a: Along, b: Along): readonly number[] {
    const key = `${id}/${a.variable}/${b.variable}`;
    const known = this.products.get(key);
    if (known) return known;
    const { runs, readingSizes } = this.column;
    const found = new Array<number>(runs.count + 1).fill(0);
    const [x, y, sizes] = [
      ...[a.whole.readings.get(id), b.whole.readings.get(id), readingSizes.get(id)],
    ];
    for (let row = 0; x && y && sizes && row < x.length; row++) {
      const part = (x[row] as number) * (y[row] as number) * (sizes[row] as number) ** 2;
      const run = runs.of[row] as number;
      found[run] = (found[run] as number) + part;
      found[runs.count] = (found[runs.count] as number) + part;
    }
    this.products.set(key, found);
    return found;
  }

  /** (Σ over functions of their slopes)² σ², over all readings of a quantity that a row of this run sees. */
  variance(id: string, along: readonly Along[], run: number): number {
    let sum = 0;
    for (const a of along) {
      for (const b of along) {
        const products = this.productsOf(id, a, b);
        const over = a.whole.all && b.whole.all ? products.length - 1 : run;
        sum += a.slope * b.slope * (products[over] as number);
      }
    }
    return sum;
  }

  /** Σ |Σ over functions of their slopes| σ over the same readings. */
  worstCase(id: string, along: readonly Along[], run: number): number {
    const taking = along.filter(({ whole }) => whole.readings.has(id));
    const [lead, ...others] = taking;
    if (!lead) return 0;
    const ratios = others.map(({ variable, slope }) => `${variable}×${slope / lead.slope}`).join();
    const over = taking.every(({ whole }) => whole.all) ? everyRow : run;
    const key = `${id}/${lead.variable}/${ratios}/${over}`;
    let size = this.sizes.get(key);
    if (size === undefined) {
      const unit = taking.map((one) => ({ ...one, slope: one.slope / lead.slope }));
      size = this.sizeOf(id, unit, run);
      this.sizes.set(key, size);
    }
    return Math.abs(lead.slope) * size;
  }

  private sizeOf(id: string, along: readonly Along[], run: number): number {
    const sizes = this.column.readingSizes.get(id) ?? new Float64Array(0);
    let sum = 0;
    for (let row = 0; row < sizes.length; row++) {
      sum += Math.abs(this.throughWholes(id, row, along, run)) * (sizes[row] as number);
    }
    return sum;
  }

  /** How a row of a run moves with one reading through its whole-column functions. */
  throughWholes(id: string, reading: number, along: readonly Along[], run: number): number {
    const own = this.column.runs.of[reading] === run;
    let sum = 0;
    for (const { whole, slope } of along) {
      if (own || whole.all) sum += slope * (whole.readings.get(id)?.[reading] ?? 0);
    }
    return sum;
  }
}

const sumsOf = remembered((column: DerivedColumn) => new WholeSums(column));

/** The slopes of a cell along single readings: by quantity, and by the row of the reading. */
function directSlopes(cell: DerivedCell, { variables, steps }: DerivedColumn) {
  const found = new Map<string, Map<number, number>>();
  variables.forEach(({ kind, id, shift }, index) => {
    const slope = cell.slopes[index] as number;
    if (kind !== "reading" || slope === 0) return;
    const at = shift === 0 ? cell.row : (steps.at(shift)[cell.row] as number);
    const own = found.get(id) ?? new Map<number, number>();
    own.set(at, (own.get(at) ?? 0) + slope);
    found.set(id, own);
  });
  return found;
}

function alongWholes(cell: DerivedCell, { wholes }: DerivedColumn): readonly Along[] {
  return [...wholes].flatMap(([variable, whole]) => {
    const slope = cell.slopes[variable] as number;
    return slope === 0 ? [] : [{ variable, whole, slope }];
  });
}

/**
 * What the readings of each quantity bring to the ± of a cell, every reading once, whether it enters by its own row, a
 * neighbour's or a whole-column function (calculation § 4). In SI units.
 */
export function readingParts(
  rule: PropagationRule,
  cell: DerivedCell,
  column: DerivedColumn,
): ReadonlyMap<string, number> {
  const direct = directSlopes(cell, column);
  const along = alongWholes(cell, column);
  const run = column.runs.of[cell.row] as number;
  const sums = sumsOf(column);
  const ids = new Set([
    ...direct.keys(),
    ...along.flatMap(({ whole }) => [...whole.readings.keys()]),
  ]);
  const parts = new Map<string, number>();
  for (const id of ids) {
    const sizes = column.readingSizes.get(id);
    const worst = rule === "worst-case";
    let sum = worst ? sums.worstCase(id, along, run) : sums.variance(id, along, run);
    let largest = Math.abs(sum);
    for (const [reading, slope] of direct.get(id) ?? []) {
      const size = sizes?.[reading] ?? 0;
      const through = sums.throughWholes(id, reading, along, run);
      const whole = slope + through;
      const change = worst
        ? (Math.abs(whole) - Math.abs(through)) * size
        : (whole * whole - through * through) * size * size;
      sum += change;
      largest = Math.max(largest, Math.abs(change));
    }
    const size = sum <= rounding * largest ? 0 : worst ? sum : Math.sqrt(sum);
    parts.set(id, size);
  }
  return parts;
}

/** How much a whole-column function is off in a row's run by its readings alone, in SI units. */
export function wholeSize(
  rule: PropagationRule,
  column: DerivedColumn,
  variable: number,
  row: number,
) {
  const whole = column.wholes.get(variable) as WholeColumn;
  const cell: DerivedCell = {
    value: laneAt(whole.values, row),
    row,
    aside: false,
    sizes: [],
    slopes: column.variables.map((_, index) => (index === variable ? 1 : 0)),
  };
  const parts = [...readingParts(rule, cell, column).values()];
  return rule === "worst-case" ? parts.reduce((a, b) => a + b, 0) : Math.hypot(...parts);
}
