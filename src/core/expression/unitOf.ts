import type { Finding } from "../finding/finding";
import { type Dimension, dimensionless, sameDimension, timesPower } from "../unit/dimension";
import { understandUnit } from "../unit/understandUnit";
import type { UnitFactor } from "../unit/unitText";
import type { ColumnName, Expression, FunctionName } from "./tree";

/** The unit of an expression's value: its dimension, and how it is written from the units that were typed. */
export interface WorkedOutUnit {
  readonly dimension: Dimension;
  /** SI units in one of it, where it is a product of typed units; undefined after sums and functions of unlike scales. */
  readonly factor: number | undefined;
  readonly factors: readonly UnitFactor[];
  /** A temperature on a scale with its own zero, alone: °C. */
  readonly offset: number;
}

export type UnitOutcome =
  | {
      readonly kind: "unit";
      readonly unit: WorkedOutUnit;
      /** What labs do but should know of: ln of a quantity with a unit, a product of °C. */
      readonly remarks: readonly Finding[];
    }
  | { readonly kind: "unlike"; readonly finding: Finding };

export const pureNumber: WorkedOutUnit = {
  dimension: dimensionless,
  factor: 1,
  factors: [],
  offset: 0,
};

class UnlikeUnits extends Error {
  constructor(readonly finding: Finding) {
    super(finding.name);
  }
}

function isPure({ dimension }: WorkedOutUnit): boolean {
  return sameDimension(dimension, dimensionless);
}

function multiplied(
  a: readonly UnitFactor[],
  b: readonly UnitFactor[],
  power: number,
): UnitFactor[] {
  const exponents = new Map(a.map(({ symbol, exponent }) => [symbol, exponent]));
  for (const { symbol, exponent } of b) {
    exponents.set(symbol, (exponents.get(symbol) ?? 0) + power * exponent);
  }
  return [...exponents]
    .filter(([, exponent]) => Math.abs(exponent) > 1e-12)
    .map(([symbol, exponent]) => ({ symbol, exponent: Number(exponent.toPrecision(12)) }));
}

function times(a: WorkedOutUnit, b: WorkedOutUnit, power: number): WorkedOutUnit {
  return {
    dimension: timesPower(a.dimension, b.dimension, power),
    factor:
      a.factor === undefined || b.factor === undefined ? undefined : a.factor * b.factor ** power,
    factors: multiplied(a.factors, b.factors, power),
    offset: 0,
  };
}

/** The value of a part that holds no symbol, as exponents are; undefined where it holds one. */
export function plainValue(expression: Expression): number | undefined {
  switch (expression.kind) {
    case "number":
      return expression.value;
    case "pi":
      return Math.PI;
    case "negative": {
      const of = plainValue(expression.of);
      return of === undefined ? undefined : -of;
    }
    case "operation": {
      const left = plainValue(expression.left);
      const right = plainValue(expression.right);
      if (left === undefined || right === undefined) return undefined;
      switch (expression.operator) {
        case "+":
          return left + right;
        case "-":
          return left - right;
        case "*":
          return left * right;
        case "/":
          return left / right;
        case "^":
          return left ** right;
      }
    }
    default:
      return undefined;
  }
}

/** The unit of each symbol, by its name; and what is noticed on the way. */
interface Walk {
  readonly units: ReadonlyMap<string, WorkedOutUnit>;
  readonly remarks: Finding[];
}

/** A difference of temperatures in °C or °F counts in K (calculation § 5). */
function inKelvin(unit: WorkedOutUnit): WorkedOutUnit {
  return { ...unit, factor: 1, offset: 0, factors: [{ symbol: "K", exponent: 1 }] };
}

/** A temperature in °C as a factor is taken in K, and marked. */
function asFactor(unit: WorkedOutUnit, walk: Walk): WorkedOutUnit {
  if (unit.offset === 0) return unit;
  walk.remarks.push({ name: "celsius-as-factor" });
  return { ...unit, factor: undefined, offset: 0, factors: [{ symbol: "K", exponent: 1 }] };
}

function sumUnit(expression: Expression & { kind: "operation" }, walk: Walk): WorkedOutUnit {
  const left = visit(expression.left, walk);
  const right = visit(expression.right, walk);
  if (!sameDimension(left.dimension, right.dimension)) {
    throw new UnlikeUnits({ name: "adds-unlike", operator: expression.operator });
  }
  if (left.offset !== 0 && right.offset !== 0 && expression.operator === "-") {
    return inKelvin(left);
  }
  const sameScale = left.factor !== undefined && left.factor === right.factor;
  const fromNumber = expression.left.kind === "number" ? right : left;
  return { ...fromNumber, factor: sameScale ? left.factor : undefined };
}

function powerUnit(expression: Expression & { kind: "operation" }, walk: Walk): WorkedOutUnit {
  const base = asFactor(visit(expression.left, walk), walk);
  const exponent = visit(expression.right, walk);
  if (!isPure(exponent)) throw new UnlikeUnits({ name: "exponent-has-unit" });
  if (isPure(base)) return { ...pureNumber, factor: base.factor === 1 ? 1 : undefined };
  const power = plainValue(expression.right);
  if (power === undefined) throw new UnlikeUnits({ name: "exponent-must-be-a-number" });
  return times(pureNumber, base, power);
}

function callUnit(name: FunctionName, of: WorkedOutUnit, walk: Walk): WorkedOutUnit {
  switch (name) {
    case "abs":
      return of;
    case "sqrt":
      return times(pureNumber, asFactor(of, walk), 0.5);
    case "ln":
    case "log":
      if (!isPure(of)) walk.remarks.push({ name: "log-of-unit", function: name });
      return isPure(of) && of.factor === 1
        ? pureNumber
        : { ...pureNumber, factor: isPure(of) ? undefined : 1 };
    default:
      if (!isPure(of)) throw new UnlikeUnits({ name: "function-of-unit", function: name });
      return { ...pureNumber, factor: undefined };
  }
}

function columnUnit(name: ColumnName, of: WorkedOutUnit): WorkedOutUnit {
  return name === "count" ? pureNumber : of;
}

function visit(expression: Expression, walk: Walk): WorkedOutUnit {
  switch (expression.kind) {
    case "number":
    case "pi":
      return pureNumber;
    case "symbol":
      return walk.units.get(expression.name) ?? pureNumber;
    case "negative":
      return visit(expression.of, walk);
    case "call":
      return callUnit(expression.name, visit(expression.of, walk), walk);
    case "neighbour": {
      const of = visit(expression.of, walk);
      if (expression.name === "middle" || of.offset === 0) return of;
      return inKelvin(of);
    }
    case "column":
      return columnUnit(expression.name, visit(expression.of, walk));
    case "operation":
      switch (expression.operator) {
        case "+":
        case "-":
          return sumUnit(expression, walk);
        case "*":
        case "/": {
          const [a, b] = [visit(expression.left, walk), visit(expression.right, walk)];
          return times(asFactor(a, walk), asFactor(b, walk), expression.operator === "*" ? 1 : -1);
        }
        case "^":
          return powerUnit(expression, walk);
      }
  }
}

/** The unit of a typed text as formulas need it; undefined when it is not understood. */
export function unitOfText(
  text: string,
  factors: readonly UnitFactor[],
): WorkedOutUnit | undefined {
  const read = understandUnit(text);
  if (read.kind === "unreadable") return undefined;
  const { dimension, factor, offset } = read.unit;
  return { dimension, factor, offset, factors };
}

/**
 * Works out the unit of a formula from the units of its symbols, or says what can't be: unlike dimensions added,
 * an exponential, angle function or exponent of something with a unit (calculation § 5).
 */
export function unitOf(
  expression: Expression,
  units: ReadonlyMap<string, WorkedOutUnit>,
): UnitOutcome {
  const walk: Walk = { units, remarks: [] };
  try {
    return { kind: "unit", unit: visit(expression, walk), remarks: walk.remarks };
  } catch (error) {
    if (error instanceof UnlikeUnits) return { kind: "unlike", finding: error.finding };
    throw error;
  }
}
