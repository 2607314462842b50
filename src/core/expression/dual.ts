import type { FunctionName, Operator } from "./tree";
import { type Lane, laneAt, mapLane, type Reasons, zipLanes } from "./lane";

/** Slopes by the number of the variable; a variable that is not there has slope 0 in every row. */
export type Slopes = ReadonlyMap<number, Lane>;

/** A column of values with the slopes of each along the variables: forward automatic differentiation, all rows at once. */
export interface Dual {
  readonly values: Lane;
  /** ∂value/∂variable. */
  readonly slopes: Slopes;
}

const none: Slopes = new Map();

/** A number that depends on nothing. */
export function plainDual(value: number): Dual {
  return { values: value, slopes: none };
}

/** A slope of 0 stays 0, however steep the function outside is. */
const times = (factor: number, slope: number) => (slope === 0 ? 0 : factor * slope);

function scaledLane(factor: Lane, slope: Lane): Lane {
  return factor === 1 ? slope : zipLanes(factor, slope, times);
}

function scaled(factor: Lane, slopes: Slopes): Slopes {
  if (slopes.size === 0) return none;
  return new Map([...slopes].map(([key, slope]) => [key, scaledLane(factor, slope)]));
}

/** a·∇x + b·∇y. */
function combined(a: Lane, x: Slopes, b: Lane, y: Slopes): Slopes {
  if (y.size === 0) return scaled(a, x);
  const found = new Map<number, Lane>(scaled(a, x));
  for (const [key, slope] of scaled(b, y)) {
    const before = found.get(key);
    found.set(key, before === undefined ? slope : zipLanes(before, slope, (p, q) => p + q));
  }
  return found;
}

/** Whether nothing that the exponent depends on moves it, row by row. */
function isFixedAt(slopes: Slopes, row: number): boolean {
  for (const slope of slopes.values()) if (laneAt(slope, row) !== 0) return false;
  return true;
}

function markPower(x: Dual, y: Dual, reasons: Reasons): void {
  if (
    typeof y.values === "number" &&
    y.values >= 0 &&
    Number.isInteger(y.values) &&
    y.slopes.size === 0
  )
    return;
  for (let row = 0; row < reasons.rows; row++) {
    const [base, exponent] = [laneAt(x.values, row), laneAt(y.values, row)];
    if (base === 0 && exponent < 0) reasons.mark(row, { name: "division-by-zero" });
    const moved = y.slopes.size > 0 && !isFixedAt(y.slopes, row);
    if ((base < 0 && !Number.isInteger(exponent)) || (base <= 0 && moved)) {
      reasons.mark(row, { name: "root-of-negative" });
    }
  }
}

/** x^y with ∂/∂x = y·x^(y−1) and ∂/∂y = x^y·ln x. */
function power(x: Dual, y: Dual, reasons: Reasons): Dual {
  markPower(x, y, reasons);
  const values = zipLanes(x.values, y.values, (a, b) => a ** b);
  const along = zipLanes(x.values, y.values, (a, b) => (b === 0 ? 0 : b * a ** (b - 1)));
  if (y.slopes.size === 0) return { values, slopes: scaled(along, x.slopes) };
  const upwards = zipLanes(values, x.values, (value, a) => value * Math.log(a));
  return { values, slopes: combined(along, x.slopes, upwards, y.slopes) };
}

function quotient(x: Dual, y: Dual, reasons: Reasons): Dual {
  reasons.markWhere(y.values, (divisor) => divisor === 0, { name: "division-by-zero" });
  const values = zipLanes(x.values, y.values, (a, b) => a / b);
  const inverse = mapLane(y.values, (b) => 1 / b);
  const back = y.slopes.size === 0 ? 0 : zipLanes(values, y.values, (value, b) => -value / b);
  return { values, slopes: combined(inverse, x.slopes, back, y.slopes) };
}

/** One of the five operations on two columns. */
export function operate(operator: Operator, x: Dual, y: Dual, reasons: Reasons): Dual {
  switch (operator) {
    case "+":
      return {
        values: zipLanes(x.values, y.values, (a, b) => a + b),
        slopes: combined(1, x.slopes, 1, y.slopes),
      };
    case "-":
      return {
        values: zipLanes(x.values, y.values, (a, b) => a - b),
        slopes: combined(1, x.slopes, -1, y.slopes),
      };
    case "*":
      return {
        values: zipLanes(x.values, y.values, (a, b) => a * b),
        slopes: combined(y.values, x.slopes, x.values, y.slopes),
      };
    case "/":
      return quotient(x, y, reasons);
    case "^":
      return power(x, y, reasons);
  }
}

interface NumberFunction {
  readonly value: (x: number) => number;
  readonly slope: (x: number) => number;
}

/** Functions of one number with their derivatives; angles in radians. */
export const functionsWithSlopes: Readonly<Record<FunctionName, NumberFunction>> = {
  sqrt: { value: Math.sqrt, slope: (x) => (x === 0 ? Infinity : 0.5 / Math.sqrt(x)) },
  ln: { value: Math.log, slope: (x) => 1 / x },
  log: { value: Math.log10, slope: (x) => 1 / (x * Math.LN10) },
  exp: { value: Math.exp, slope: Math.exp },
  sin: { value: Math.sin, slope: Math.cos },
  cos: { value: Math.cos, slope: (x) => -Math.sin(x) },
  tan: { value: Math.tan, slope: (x) => 1 / Math.cos(x) ** 2 },
  asin: { value: Math.asin, slope: (x) => 1 / Math.sqrt(1 - x * x) },
  acos: { value: Math.acos, slope: (x) => -1 / Math.sqrt(1 - x * x) },
  atan: { value: Math.atan, slope: (x) => 1 / (1 + x * x) },
  abs: { value: Math.abs, slope: Math.sign },
};

function markOutside(name: FunctionName, x: Lane, reasons: Reasons): void {
  if (name === "sqrt") reasons.markWhere(x, (value) => value < 0, { name: "root-of-negative" });
  if (name === "ln" || name === "log") {
    reasons.markWhere(x, (value) => value <= 0, { name: "log-of-nothing" });
  }
  if (name === "asin" || name === "acos") {
    reasons.markWhere(x, (value) => Math.abs(value) > 1, { name: "arc-beyond-one" });
  }
}

/** A function of a column. */
export function apply(name: FunctionName, x: Dual, reasons: Reasons): Dual {
  markOutside(name, x.values, reasons);
  const { value, slope } = functionsWithSlopes[name];
  const slopes = x.slopes.size === 0 ? none : scaled(mapLane(x.values, slope), x.slopes);
  return { values: mapLane(x.values, value), slopes };
}

/** change(x) and middle(x) of a row and the next (calculation § 4). */
export function neighbours(name: "change" | "middle", here: Dual, next: Dual): Dual {
  return name === "change"
    ? {
        values: zipLanes(next.values, here.values, (a, b) => a - b),
        slopes: combined(1, next.slopes, -1, here.slopes),
      }
    : {
        values: zipLanes(here.values, next.values, (a, b) => (a + b) / 2),
        slopes: combined(0.5, here.slopes, 0.5, next.slopes),
      };
}
