import { functionsWithSlopes } from "../../expression/dual";
import type { Expression } from "../../expression/tree";
import type { CurveModel } from "./curveModel";
import { exponentials } from "./exponentials";

/** Numbers of a stretch of points: one for each (`stride` 1), or the same one for all (0). */
export interface Slot {
  readonly data: Float64Array;
  readonly stride: 0 | 1;
}

/** So many points are worked out at a time: a processor's nearest cache holds what belongs to them. */
export const mostPoints = 256;

type Loop = (a: Slot, b: Slot, to: Slot, points: number) => void;

/** Each operation has a loop of its own, so that none of them calls a function for a point. */
const add: Loop = (one, other, { data: to }, points) => {
  const [a, b] = one.stride ? [other, one] : [one, other];
  const { data } = b;
  const more = a.data[0] as number;
  if (!a.stride) for (let i = 0; i < points; i++) to[i] = more + (data[i] as number);
  else {
    const { data: first } = a;
    for (let i = 0; i < points; i++) to[i] = (first[i] as number) + (data[i] as number);
  }
};
const subtract: Loop = ({ data: a, stride: s }, { data: b, stride: t }, { data: to }, points) => {
  for (let i = 0; i < points; i++) to[i] = (a[i * s] as number) - (b[i * t] as number);
};
const multiply: Loop = (one, other, { data: to }, points) => {
  const [a, b] = one.stride ? [other, one] : [one, other];
  const { data } = b;
  const times = a.data[0] as number;
  if (!a.stride) for (let i = 0; i < points; i++) to[i] = times * (data[i] as number);
  else {
    const { data: first } = a;
    for (let i = 0; i < points; i++) to[i] = (first[i] as number) * (data[i] as number);
  }
};
const divide: Loop = ({ data: a, stride: s }, { data: b, stride: t }, { data: to }, points) => {
  for (let i = 0; i < points; i++) to[i] = (a[i * s] as number) / (b[i * t] as number);
};
const raise: Loop = ({ data: a, stride: s }, { data: b, stride: t }, { data: to }, points) => {
  for (let i = 0; i < points; i++) to[i] = (a[i * s] as number) ** (b[i * t] as number);
};
/** y·x^(y−1), the slope of x^y along x. */
const raisedSlope: Loop = ({ data: a, stride: s }, { data: b, stride: t }, { data: to }, points) => {
  for (let i = 0; i < points; i++) {
    const exponent = b[i * t] as number;
    to[i] = exponent === 0 ? 0 : exponent * (a[i * s] as number) ** (exponent - 1);
  }
}; // prettier-ignore
/** A slope of 0 stays 0, however steep the function outside is. */
const chain: Loop = ({ data: a, stride: s }, { data: b, stride: t }, { data: to }, points) => {
  if (s === 1 && t === 1) {
    for (let i = 0; i < points; i++) {
      const slope = b[i] as number;
      to[i] = slope === 0 ? 0 : (a[i] as number) * slope;
    }
    return;
  }
  for (let i = 0; i < points; i++) {
    const slope = b[i * t] as number;
    to[i] = slope === 0 ? 0 : (a[i * s] as number) * slope;
  }
};
/** The stride is 0 for one point alone, and does not matter then. */
const exponential: Loop = ({ data }, _, { data: to }, points) => exponentials(data, to, points);

const mapped = (work: (x: number) => number): Loop => ({ data: a, stride: s }, _, { data: to }, points) => {
  for (let i = 0; i < points; i++) to[i] = work(a[i * s] as number);
}; // prettier-ignore

const constant = (value: number): Slot => ({ data: Float64Array.of(value), stride: 0 });
export const zero = constant(0);
const [one, minusOne] = [constant(1), constant(-1)];

/** Derivatives along the parameters, by their places; undefined where there is none. */
type SlopeSlots = readonly (Slot | undefined)[];

interface Part {
  readonly value: Slot;
  readonly slopes: SlopeSlots;
}

/**
 * A curve with its derivatives along every parameter as a row of plain loops over a stretch of points, in memory that is
 * used again and again: forward automatic differentiation, with the same rules as `evaluateColumn`.
 */
export class CurveTape {
  private readonly steps: ((points: number) => void)[] = [];
  private readonly x: Slot;
  private readonly parameters: readonly Slot[];
  readonly value: Slot;
  readonly slopes: SlopeSlots;

  /** @param points no stretch is longer. */
  constructor(
    private readonly model: CurveModel,
    private readonly points: number,
  ) {
    this.x = { data: new Float64Array(points), stride: 1 };
    this.parameters = model.parameters.map(() => constant(0));
    const { value, slopes } = this.part(model.expression);
    this.value = value;
    this.slopes = slopes;
  }

  /** Works out points from a place on, at given parameters: what comes of it stands in `value` and `slopes`. */
  run(x: Float64Array, from: number, points: number, at: ArrayLike<number>): void {
    const own = this.x.data;
    for (let i = 0; i < points; i++) own[i] = x[from + i] as number;
    this.parameters.forEach(({ data }, place) => (data[0] = at[place] as number));
    for (const step of this.steps) step(points);
  }

  private put(loop: Loop, a: Slot, b: Slot = zero): Slot {
    const stride = a.stride || b.stride;
    const to: Slot = { data: new Float64Array(stride ? this.points : 1), stride };
    this.steps.push((points) => loop(a, b, to, stride ? points : 1));
    return to;
  }

  private chained(factor: Slot, slopes: SlopeSlots): SlopeSlots {
    if (factor === one) return slopes;
    return slopes.map((slope) => slope && (slope === one ? factor : this.put(chain, factor, slope)));
  } // prettier-ignore

  private added(a: SlopeSlots, b: SlopeSlots): SlopeSlots {
    return a.map((slope, place) => {
      const other = b[place];
      return slope && other ? this.put(add, slope, other) : (slope ?? other);
    });
  }

  private part(expression: Expression): Part {
    const none = this.parameters.map(() => undefined);
    switch (expression.kind) {
      case "number":
        return { value: constant(expression.value), slopes: none };
      case "pi":
        return { value: constant(Math.PI), slopes: none };
      case "symbol": {
        if (expression.name === this.model.variable) return { value: this.x, slopes: none };
        const own = this.model.parameters.indexOf(expression.name);
        const slopes = this.parameters.map((_, place) => (place === own ? one : undefined));
        return { value: this.parameters[own] as Slot, slopes };
      }
      case "negative": {
        const { value, slopes } = this.part(expression.of);
        return { value: this.put(subtract, zero, value), slopes: this.chained(minusOne, slopes) };
      }
      case "operation":
        return this.operation(expression);
      case "call": {
        const { value, slopes } = this.part(expression.of);
        if (expression.name === "exp") {
          const raised = this.put(exponential, value);
          return { value: raised, slopes: this.chained(raised, slopes) };
        }
        const { value: of, slope } = functionsWithSlopes[expression.name];
        const outer = slopes.some(Boolean) ? this.put(mapped(slope), value) : one;
        return { value: this.put(mapped(of), value), slopes: this.chained(outer, slopes) };
      }
      case "neighbour": {
        // A curve's x has no next row: here and there are the same.
        const { value, slopes } = this.part(expression.of);
        if (expression.name === "middle") return { value, slopes };
        const back = this.chained(minusOne, slopes);
        return { value: this.put(subtract, value, value), slopes: this.added(slopes, back) };
      }
      case "column":
        throw new RangeError("a whole-column function has no height at each x");
    }
  }

  private operation(expression: Expression & { kind: "operation" }): Part {
    const [left, right] = [this.part(expression.left), this.part(expression.right)];
    const [a, b] = [left.value, right.value];
    switch (expression.operator) {
      case "+":
        return { value: this.put(add, a, b), slopes: this.added(left.slopes, right.slopes) };
      case "-": {
        const back = this.chained(minusOne, right.slopes);
        return { value: this.put(subtract, a, b), slopes: this.added(left.slopes, back) };
      }
      case "*": {
        const slopes = this.added(this.chained(b, left.slopes), this.chained(a, right.slopes));
        return { value: this.put(multiply, a, b), slopes };
      }
      case "/": {
        const value = this.put(divide, a, b);
        const along = this.chained(this.ifAny(left.slopes, divide, one, b), left.slopes);
        const down = this.ifAny(right.slopes, divide, value, b);
        const back = this.chained(minusOne, this.chained(down, right.slopes));
        return { value, slopes: this.added(along, back) };
      }
      case "^": {
        const value = this.put(raise, a, b);
        const along = this.chained(this.ifAny(left.slopes, raisedSlope, a, b), left.slopes);
        if (!right.slopes.some(Boolean)) return { value, slopes: along };
        const upwards = this.put(multiply, value, this.put(mapped(Math.log), a));
        return { value, slopes: this.added(along, this.chained(upwards, right.slopes)) };
      }
    }
  }

  /** A factor that is worked out only where slopes are there to be multiplied by it. */
  private ifAny(slopes: SlopeSlots, loop: Loop, a: Slot, b: Slot): Slot {
    return slopes.some(Boolean) ? this.put(loop, a, b) : one;
  }
}
