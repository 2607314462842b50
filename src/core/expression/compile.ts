import type { Expression, FunctionName, Operator } from "./tree";

/** A formula as a function of its inputs; NaN outside its domain. */
export type Compiled = (inputs: Float64Array) => number;

const operations: Readonly<Record<Operator, (x: Compiled, y: Compiled) => Compiled>> = {
  "+": (x, y) => (v) => x(v) + y(v),
  "-": (x, y) => (v) => x(v) - y(v),
  "*": (x, y) => (v) => x(v) * y(v),
  "/": (x, y) => (v) => x(v) / y(v),
  "^": (x, y) => (v) => x(v) ** y(v),
};

const functions: Readonly<Record<FunctionName, (x: number) => number>> = {
  sqrt: Math.sqrt,
  ln: Math.log,
  log: Math.log10,
  exp: Math.exp,
  abs: Math.abs,
  sin: Math.sin,
  cos: Math.cos,
  tan: Math.tan,
  asin: Math.asin,
  acos: Math.acos,
  atan: Math.atan,
};

/**
 * Compiles an expression for many evaluations without slopes.
 * @param inputIndex where the inputs hold a symbol, so many rows on.
 * @param scaleOfLog what ln and log divide by first.
 * @throws RangeError for whole-column functions, which have no inputs of one row.
 */
export function compile(
  expression: Expression,
  inputIndex: (name: string, shift: number) => number,
  scaleOfLog: (of: Expression) => number = () => 1,
  shift = 0,
): Compiled {
  const part = (of: Expression, further = 0) =>
    compile(of, inputIndex, scaleOfLog, shift + further);
  switch (expression.kind) {
    case "number": {
      const { value } = expression;
      return () => value;
    }
    case "pi":
      return () => Math.PI;
    case "symbol": {
      const at = inputIndex(expression.name, shift);
      return (inputs) => inputs[at] as number;
    }
    case "negative": {
      const of = part(expression.of);
      return (inputs) => -of(inputs);
    }
    case "operation":
      return operations[expression.operator](part(expression.left), part(expression.right));
    case "call": {
      const of = part(expression.of);
      const apply = functions[expression.name];
      const scale =
        expression.name === "ln" || expression.name === "log" ? scaleOfLog(expression.of) : 1;
      return scale === 1 ? (inputs) => apply(of(inputs)) : (inputs) => apply(of(inputs) / scale);
    }
    case "neighbour": {
      const [here, next] = [part(expression.of), part(expression.of, 1)];
      return expression.name === "change"
        ? (inputs) => next(inputs) - here(inputs)
        : (inputs) => (here(inputs) + next(inputs)) / 2;
    }
    case "column":
      throw new RangeError("a whole-column function has no inputs of one row");
  }
}
