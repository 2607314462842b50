import { compile } from "../../expression/compile";
import { evaluateColumn } from "../../expression/evaluate";
import { type Lane } from "../../expression/lane";
import { type Expression, symbolsOf } from "../../expression/tree";

/** A formula seen as a curve over x with numbers to be found. */
export interface CurveModel {
  readonly expression: Expression;
  /** The symbol that runs along the horizontal axis. */
  readonly variable: string;
  readonly parameters: readonly string[];
}

/** Numbers that a formula uses and that are known, by their symbols. */
export type KnownNumbers = ReadonlyMap<string, number>;

/** Puts known numbers in the place of their symbols. */
export function withNumbers(expression: Expression, known: KnownNumbers): Expression {
  switch (expression.kind) {
    case "number":
    case "pi":
      return expression;
    case "symbol": {
      const value = known.get(expression.name);
      if (value === undefined) return expression;
      const number: Expression = { kind: "number", value: Math.abs(value), text: String(value) };
      return value < 0 ? { kind: "negative", of: number } : number;
    }
    case "operation":
      return {
        ...expression,
        left: withNumbers(expression.left, known),
        right: withNumbers(expression.right, known),
      };
    default:
      return { ...expression, of: withNumbers(expression.of, known) };
  }
}

/** The curve of a formula: every symbol that is neither the variable nor known is a parameter, in order of appearance. */
export function curveModel(
  expression: Expression,
  variable: string,
  known: KnownNumbers = new Map(),
): CurveModel {
  const filled = withNumbers(expression, known);
  const parameters = symbolsOf(filled).filter((name) => name !== variable);
  return { expression: filled, variable, parameters };
}

/** The height of a curve at any x; NaN where it has none. */
export function heightOf(model: CurveModel): (x: number, parameters: ArrayLike<number>) => number {
  const { variable, parameters } = model;
  const inputs = new Float64Array(parameters.length + 1);
  const compiled = compile(model.expression, (name) =>
    name === variable ? 0 : 1 + parameters.indexOf(name),
  );
  return (x, values) => {
    inputs[0] = x;
    for (let j = 0; j < parameters.length; j++) inputs[j + 1] = values[j] as number;
    return compiled(inputs);
  };
}

/** Heights and their derivatives along every parameter, exact. */
export interface CurveSlopes {
  readonly values: Float64Array;
  /** ∂y/∂parameter at each x, one array a parameter. */
  readonly slopes: readonly Float64Array[];
}

function asArray(lane: Lane | undefined, length: number): Float64Array {
  if (lane instanceof Float64Array) return lane;
  return new Float64Array(length).fill(lane ?? 0);
}

/** x⁰ at x = 0 does not depend on its exponent: what has a height and no slope there has the slope 0. */
function without(slope: Float64Array, values: Float64Array): Float64Array {
  return slope.map((value, i) =>
    Number.isNaN(value) && Number.isFinite(values[i] as number) ? 0 : value,
  );
}

/** All heights with their derivatives by forward automatic differentiation. */
export function slopesOf(
  { expression, variable, parameters }: CurveModel,
  x: Float64Array,
  at: ArrayLike<number>,
): CurveSlopes {
  const { values, slopes } = evaluateColumn(expression, x.length, {
    symbol: (name) => {
      if (name === variable) return { values: x, slopes: new Map() };
      const index = parameters.indexOf(name);
      return { values: at[index] as number, slopes: new Map([[index, 1]]) };
    },
    scaleOfLog: () => 1,
  });
  const heights = asArray(values, x.length);
  return {
    values: heights,
    slopes: parameters.map((_, index) => without(asArray(slopes.get(index), x.length), heights)),
  };
}
