import { CurveTape, mostPoints, type Slot, zero } from "./curveTape";
import type { CurveModel } from "./curveModel";
import { GrowingFactors, type OrthogonalFactors } from "./orthogonalFactors";

/** Points with the root of each weight; all 1 where no ± counts. */
export interface WeighedPoints {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly root: Float64Array;
}

/** What a curve is to the points at some parameters. */
export interface Passed {
  /** Σ w (y − f)²; Infinity where the curve has no height at a point. */
  readonly squares: number;
  /** The triangle of the free parameters' slopes with the residuals, weights put in. */
  readonly factors: OrthogonalFactors;
}

function isWeighted(root: Float64Array): boolean {
  for (let i = 0; i < root.length; i++) if (root[i] !== 1) return true;
  return false;
}

/** Goes over all points with a curve, stretch by stretch; the memory for that is made once. */
export class CurvePass {
  private readonly tape: CurveTape;
  private readonly growing: GrowingFactors;
  private readonly weighted: boolean;
  /** Whether slopes were met that are no numbers: from then on each is looked at. */
  private careful = false;

  /** @param free places of the parameters that are looked for. */
  constructor(
    model: CurveModel,
    private readonly points: WeighedPoints,
    private readonly free: readonly number[],
  ) {
    const longest = Math.min(mostPoints, Math.max(1, points.x.length));
    this.weighted = isWeighted(points.root);
    this.tape = new CurveTape(model, longest);
    this.growing = new GrowingFactors(free.length, longest);
  }

  at(parameters: ArrayLike<number>): Passed {
    const passed = this.over(parameters);
    if (this.careful || !this.growing.hasNone()) return passed;
    this.careful = true;
    return this.over(parameters);
  }

  private over(parameters: ArrayLike<number>): Passed {
    const { x } = this.points;
    this.growing.begin();
    let squares = 0;
    for (let from = 0; from < x.length; from += mostPoints) {
      const count = Math.min(mostPoints, x.length - from);
      this.tape.run(x, from, count, parameters);
      squares += this.weighResiduals(from, count);
      this.free.forEach((place, column) => this.weighSlopes(place, column, from, count));
      this.growing.fold(count);
    }
    return {
      squares: Number.isFinite(squares) ? squares : Infinity,
      factors: this.growing.factors(),
    };
  }

  private weighResiduals(from: number, count: number): number {
    const { y, root } = this.points;
    const { data, stride } = this.tape.value;
    const { columns, first } = this.growing;
    const to = columns[this.free.length] as Float64Array;
    let sum = 0;
    for (let i = 0; i < count; i++) {
      const off = (y[from + i] as number) - (data[i * stride] as number);
      const weighed = this.weighted ? (root[from + i] as number) * off : off;
      to[first + i] = weighed;
      sum += weighed * weighed;
    }
    return sum;
  }

  private weighSlopes(place: number, column: number, from: number, count: number): void {
    const { root } = this.points;
    const { data, stride } = this.tape.slopes[place] ?? zero;
    const { columns, first } = this.growing;
    const to = columns[column] as Float64Array;
    if (stride === 0) to.fill(data[0] as number, first, first + count);
    else for (let i = 0; i < count; i++) to[first + i] = data[i] as number;
    if (this.careful) this.withoutNone(to, count);
    if (this.weighted) {
      for (let i = 0; i < count; i++)
        to[first + i] = (root[from + i] as number) * (to[first + i] as number);
    }
  }

  /** x⁰ at x = 0 does not depend on its exponent: what has a height and no slope there has the slope 0. */
  private withoutNone(slopes: Float64Array, count: number): void {
    const { data, stride } = this.tape.value;
    const { first } = this.growing;
    for (let i = 0; i < count; i++) {
      const [along, height] = [slopes[first + i] as number, data[i * stride] as number];
      if (along !== along && height - height === 0) slopes[first + i] = 0;
    }
  }
}

/** How steep a curve becomes along each parameter at any of the points. */
export function largestSlopes(
  model: CurveModel,
  x: Float64Array,
  at: ArrayLike<number>,
): readonly number[] {
  const tape = new CurveTape(model, Math.min(mostPoints, Math.max(1, x.length)));
  const most = model.parameters.map(() => 0);
  for (let from = 0; from < x.length; from += mostPoints) {
    const count = Math.min(mostPoints, x.length - from);
    tape.run(x, from, count, at);
    tape.slopes.forEach((slope, place) => {
      if (slope) most[place] = Math.max(most[place] as number, largestOf(slope, tape.value, count));
    });
  }
  return most;
}

/** The largest of so many slopes; what has a height and no slope there has the slope 0. */
function largestOf(slope: Slot, value: Slot, count: number): number {
  let most = 0;
  for (let i = 0; i < count; i++) {
    const size = Math.abs(slope.data[i * slope.stride] as number);
    const height = value.data[i * value.stride] as number;
    if (size !== size && height - height === 0) continue;
    most = Math.max(most, size);
  }
  return most;
}
