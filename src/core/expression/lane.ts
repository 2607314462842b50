import type { Finding } from "../finding/finding";

/** Numbers of a column: the same one in all rows, or one for each. Nobody changes a lane that was handed out. */
export type Lane = number | Float64Array;

/** The number of a lane in a row. */
export function laneAt(lane: Lane, row: number): number {
  return typeof lane === "number" ? lane : (lane[row] as number);
}

/** Which row comes so many steps behind each row; −1 where there is none. */
export interface RowSteps {
  readonly at: (steps: number) => Int32Array;
}

/** The rows that come after each other by a table of the next one of each row. */
export function rowSteps(next: Int32Array): RowSteps {
  const itself = new Int32Array(next.length);
  for (let row = 0; row < itself.length; row++) itself[row] = row;
  const known = [itself, next];
  const at = (steps: number): Int32Array =>
    (known[steps] ??= at(steps - 1).map((row) => (row < 0 ? -1 : (next[row] as number))));
  return { at };
}

/** Every row with the one under it. */
export function plainSteps(rows: number): RowSteps {
  const next = new Int32Array(rows);
  for (let row = 0; row < rows; row++) next[row] = row + 1 < rows ? row + 1 : -1;
  return rowSteps(next);
}

/** A lane as it is in the rows at these places; `missing` where there is no row. */
export function laneFrom(lane: Lane, places: Int32Array, missing = NaN): Lane {
  if (typeof lane === "number") return lane;
  const out = new Float64Array(places.length);
  for (let i = 0; i < out.length; i++) {
    const row = places[i] as number;
    out[i] = row < 0 ? missing : (lane[row] as number);
  }
  return out;
}

/** A function of every number of a lane. */
export function mapLane(x: Lane, work: (x: number) => number): Lane {
  if (typeof x === "number") return work(x);
  const out = new Float64Array(x.length);
  for (let i = 0; i < out.length; i++) out[i] = work(x[i] as number);
  return out;
}

/** A function of the numbers of two lanes, row by row. */
export function zipLanes(x: Lane, y: Lane, work: (x: number, y: number) => number): Lane {
  if (typeof x === "number") {
    return typeof y === "number" ? work(x, y) : mapLane(y, (b) => work(x, b));
  }
  if (typeof y === "number") return mapLane(x, (a) => work(a, y));
  const out = new Float64Array(x.length);
  for (let i = 0; i < out.length; i++) out[i] = work(x[i] as number, y[i] as number);
  return out;
}

/** Why rows have no value; the first reason of a row is the one that counts. */
export class Reasons {
  private readonly found = new Map<number, Finding>();

  constructor(readonly rows: number) {}

  mark(row: number, finding: Finding): void {
    if (row >= 0 && row < this.rows && !this.found.has(row)) this.found.set(row, finding);
  }

  markAll(finding: Finding): void {
    for (let row = 0; row < this.rows; row++) this.mark(row, finding);
  }

  /** Marks every row whose number fails. NaN stands for a reason that is known already. */
  markWhere(lane: Lane, fails: (value: number) => boolean, finding: Finding): void {
    if (typeof lane === "number") {
      if (fails(lane)) this.markAll(finding);
      return;
    }
    for (let row = 0; row < lane.length; row++) {
      if (fails(lane[row] as number)) this.mark(row, finding);
    }
  }

  /** Marks every row whose number has no end, or is none. */
  markEndless(lane: Lane, finding: Finding): void {
    if (typeof lane === "number") {
      if (!Number.isFinite(lane)) this.markAll(finding);
      return;
    }
    for (let row = 0; row < lane.length; row++) {
      const value = lane[row] as number;
      if (value - value !== 0) this.mark(row, finding);
    }
  }

  all(): ReadonlyMap<number, Finding> {
    return this.found;
  }
}
