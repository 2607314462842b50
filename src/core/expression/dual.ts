import type { Finding } from "../finding/finding";
import type { ColumnName, FunctionName, Operator } from "./tree";

/** A value with its slope along each variable: one number of forward automatic differentiation. */
export interface Dual {
  readonly value: number;
  /** ∂value/∂variable, in the order of the variables. */
  readonly slopes: Float64Array;
}

/** Why a row has no value: said to a reader as the cell's reason. */
export class OutsideDomain extends Error {
  constructor(readonly finding: Finding) {
    super(finding.name);
  }
}

function outside(finding: Finding): never {
  throw new OutsideDomain(finding);
}

/** a·∇x + b·∇y. */
function combined(a: number, x: Float64Array, b: number, y: Float64Array): Float64Array {
  const slopes = new Float64Array(x.length);
  for (let i = 0; i < x.length; i++) {
    const [left, right] = [x[i] as number, y[i] as number];
    slopes[i] = (left === 0 ? 0 : a * left) + (right === 0 ? 0 : b * right);
  }
  return slopes;
}

function scaled(a: number, x: Float64Array): Float64Array {
  const slopes = new Float64Array(x.length);
  for (let i = 0; i < x.length; i++) {
    const slope = x[i] as number;
    slopes[i] = slope === 0 ? 0 : a * slope;
  }
  return slopes;
}

/** x^y with ∂/∂x = y·x^(y−1) and ∂/∂y = x^y·ln x. */
function power(x: Dual, y: Dual): Dual {
  const constant = y.slopes.every((slope) => slope === 0);
  if (x.value === 0 && y.value < 0) outside({ name: "division-by-zero" });
  if (x.value < 0 && !Number.isInteger(y.value)) outside({ name: "root-of-negative" });
  const value = x.value ** y.value;
  const along = y.value === 0 ? 0 : y.value * x.value ** (y.value - 1);
  if (constant) return { value, slopes: scaled(along, x.slopes) };
  if (x.value <= 0) outside({ name: "root-of-negative" });
  return { value, slopes: combined(along, x.slopes, value * Math.log(x.value), y.slopes) };
}

/** One of the five operations on two duals. */
export function operate(operator: Operator, x: Dual, y: Dual): Dual {
  switch (operator) {
    case "+":
      return { value: x.value + y.value, slopes: combined(1, x.slopes, 1, y.slopes) };
    case "-":
      return { value: x.value - y.value, slopes: combined(1, x.slopes, -1, y.slopes) };
    case "*":
      return { value: x.value * y.value, slopes: combined(y.value, x.slopes, x.value, y.slopes) };
    case "/": {
      if (y.value === 0) outside({ name: "division-by-zero" });
      const value = x.value / y.value;
      return { value, slopes: combined(1 / y.value, x.slopes, -value / y.value, y.slopes) };
    }
    case "^":
      return power(x, y);
  }
}

/** Value and derivative of a function of one number; angles in radians. */
function valueAndSlope(name: FunctionName, x: number): [value: number, slope: number] {
  switch (name) {
    case "sqrt":
      if (x < 0) outside({ name: "root-of-negative" });
      return [Math.sqrt(x), x === 0 ? Infinity : 0.5 / Math.sqrt(x)];
    case "ln":
    case "log": {
      if (x <= 0) outside({ name: "log-of-nothing" });
      const base = name === "ln" ? 1 : Math.LN10;
      return [name === "ln" ? Math.log(x) : Math.log10(x), 1 / (x * base)];
    }
    case "exp":
      return [Math.exp(x), Math.exp(x)];
    case "sin":
      return [Math.sin(x), Math.cos(x)];
    case "cos":
      return [Math.cos(x), -Math.sin(x)];
    case "tan":
      return [Math.tan(x), 1 / Math.cos(x) ** 2];
    case "asin":
    case "acos": {
      if (Math.abs(x) > 1) outside({ name: "arc-beyond-one" });
      const slope = 1 / Math.sqrt(1 - x * x);
      return name === "asin" ? [Math.asin(x), slope] : [Math.acos(x), -slope];
    }
    case "atan":
      return [Math.atan(x), 1 / (1 + x * x)];
    case "abs":
      return [Math.abs(x), Math.sign(x)];
  }
}

/** A function of a dual. */
export function apply(name: FunctionName, x: Dual): Dual {
  const [value, slope] = valueAndSlope(name, x.value);
  return { value, slopes: scaled(slope, x.slopes) };
}

/** change(x) and middle(x) of a row and the next (calculation § 4). */
export function neighbours(name: "change" | "middle", here: Dual, next: Dual): Dual {
  return name === "change"
    ? operate("-", next, here)
    : {
        value: (here.value + next.value) / 2,
        slopes: combined(0.5, here.slopes, 0.5, next.slopes),
      };
}

/** A whole column as one dual; `values` is not empty. */
export function ofColumn(name: ColumnName, values: readonly Dual[]): Dual {
  const none = new Float64Array(values[0]?.slopes.length ?? 0);
  const [first] = values;
  if (!first) return outside({ name: "empty-column" });
  const best = (better: (a: number, b: number) => boolean) =>
    values.reduce((found, one) => (better(one.value, found.value) ? one : found), first);
  switch (name) {
    case "count":
      return { value: values.length, slopes: none };
    case "first":
      return first;
    case "last":
      return values[values.length - 1] as Dual;
    case "min":
      return best((a, b) => a < b);
    case "max":
      return best((a, b) => a > b);
    case "sum":
    case "mean": {
      const sum = values.reduce((total, one) => operate("+", total, one));
      if (name === "sum") return sum;
      return { value: sum.value / values.length, slopes: scaled(1 / values.length, sum.slopes) };
    }
  }
}
