import type { Finding } from "../finding/finding";
import { apply, type Dual, neighbours, operate, plainDual } from "./dual";
import { type Lane, laneAt, plainSteps, Reasons, type RowSteps } from "./lane";
import { symbolName } from "./spelling";
import type { Expression } from "./tree";

/** Where an expression looks its symbols up. */
export interface Scope {
  /** A symbol's column, so many rows further on; rows without a value are marked in `reasons` and hold NaN. */
  readonly symbol: (name: string, shift: number, reasons: Reasons) => Dual | Finding;
  /** The factor by which ln and log divide first, so that they see the number in the typed unit. */
  readonly scaleOfLog: (of: Expression) => number;
  /** Which row is a row's next one; the one under it where this is absent. */
  readonly steps?: RowSteps;
  /** Told of every subtraction, with both columns. */
  readonly onDifference?: (left: Lane, right: Lane) => void;
}

/** A column worked out: values and slopes, and why some rows have none. */
export interface EvaluatedColumn extends Dual {
  readonly reasons: ReadonlyMap<number, Finding>;
}

class Work {
  constructor(
    private readonly scope: Scope,
    private readonly reasons: Reasons,
  ) {}

  of(expression: Expression, shift: number): Dual {
    const { scope, reasons } = this;
    switch (expression.kind) {
      case "number":
        return plainDual(expression.value);
      case "pi":
        return plainDual(Math.PI);
      case "symbol": {
        const found = scope.symbol(expression.name, shift, reasons);
        if (!("name" in found)) return found;
        reasons.markAll(found);
        return plainDual(NaN);
      }
      case "negative":
        return operate("-", plainDual(0), this.of(expression.of, shift), reasons);
      case "operation": {
        const left = this.of(expression.left, shift);
        const right = this.of(expression.right, shift);
        if (expression.operator === "-") scope.onDifference?.(left.values, right.values);
        return operate(expression.operator, left, right, reasons);
      }
      case "call":
        return this.call(expression, shift);
      case "neighbour": {
        this.markLast(shift + 1);
        const here = this.of(expression.of, shift);
        return neighbours(expression.name, here, this.of(expression.of, shift + 1));
      }
      case "column":
        throw new RangeError("whole-column functions are worked out beforehand");
    }
  }

  private markLast(steps: number): void {
    const { scope, reasons } = this;
    const places = (scope.steps ?? plainSteps(reasons.rows)).at(steps);
    places.forEach((place, row) => {
      if (place < 0) reasons.mark(row, { name: "no-next-row" });
    });
  }

  private call(expression: Expression & { kind: "call" }, shift: number): Dual {
    const of = this.of(expression.of, shift);
    const { name } = expression;
    const scale = name === "ln" || name === "log" ? this.scope.scaleOfLog(expression.of) : 1;
    const { reasons } = this;
    return apply(name, scale === 1 ? of : operate("/", of, plainDual(scale), reasons), reasons);
  }
}

/**
 * The values of an expression in so many rows with their exact slopes (forward automatic differentiation), in coherent
 * SI units. A domain error or a result beyond binary numbers gives the reason, never NaN or Infinity.
 */
export function evaluateColumn(
  expression: Expression,
  rows: number,
  scope: Scope,
): EvaluatedColumn {
  const reasons = new Reasons(rows);
  const { values, slopes } = new Work(scope, reasons).of(expression, 0);
  reasons.markEndless(values, { name: "number-too-large" });
  for (const slope of slopes.values()) {
    reasons.markEndless(slope, { name: "slope-without-end" });
  }
  return { values, slopes, reasons: reasons.all() };
}

/** An expression at one point: its value with its slopes along the inputs, in their order; or why it has none. */
export type Evaluation =
  | { readonly kind: "value"; readonly value: number; readonly slopes: readonly number[] }
  | { readonly kind: "nothing"; readonly finding: Finding };

/** Evaluates an expression whose symbols have the given values. */
export function evaluateAt(
  expression: Expression,
  inputs: Readonly<Record<string, number>>,
  scaleOfLog: Scope["scaleOfLog"] = () => 1,
): Evaluation {
  const names = Object.keys(inputs).map(symbolName);
  const numbers = Object.values(inputs);
  const { values, slopes, reasons } = evaluateColumn(expression, 1, {
    symbol: (name) => {
      const index = names.indexOf(name);
      if (index < 0) return { name: "unknown-symbol", symbol: name };
      return { values: numbers[index] as number, slopes: new Map([[index, 1]]) };
    },
    scaleOfLog,
  });
  const finding = reasons.get(0);
  if (finding) return { kind: "nothing", finding };
  return {
    kind: "value",
    value: laneAt(values, 0),
    slopes: names.map((_, index) => laneAt(slopes.get(index) ?? 0, 0)),
  };
}
