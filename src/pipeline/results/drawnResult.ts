import { type Expression, partsOf, symbolsOf } from "@/core/expression/tree";
import { independentDirections } from "@/core/result/jointUncertainty";
import type { DrawnInput } from "@/core/uncertainty/monteCarlo";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Drawing } from "../derived/drawnInputs";
import type { NamedInput, WorkedResult } from "./evaluatedResult";
import type { CommonInput } from "../lines/commonInputs";
import type { SourceNumbers } from "./source";

const symbol = (name: string): Expression => ({ kind: "symbol", name });
const plus = (left: Expression, right: Expression): Expression => ({
  kind: "operation",
  operator: "+",
  left,
  right,
});
const times = (left: Expression, right: Expression): Expression => ({
  kind: "operation",
  operator: "*",
  left,
  right,
});
function number(value: number): Expression {
  const size: Expression = {
    kind: "number",
    value: Math.abs(value),
    text: String(Math.abs(value)),
  };
  return value < 0 ? { kind: "negative", of: size } : size;
}

function replaced(expression: Expression, by: (name: string) => Expression): Expression {
  if (expression.kind === "symbol") return by(expression.name);
  if (partsOf(expression).length === 0) return expression;
  if (expression.kind === "operation") {
    const { left, right } = expression;
    return { ...expression, left: replaced(left, by), right: replaced(right, by) };
  }
  return "of" in expression ? { ...expression, of: replaced(expression.of, by) } : expression;
}

/** Gathers what is drawn: every common input once, and the independent directions of every source once. */
class Draws {
  readonly inputs: DrawnInput[] = [];
  readonly inputIndices: Record<string, number> = {};

  constructor(private readonly rules: HouseRules) {}

  private draw(name: string, input: DrawnInput): Expression {
    const key = `${name}+0`;
    if (this.inputIndices[key] === undefined) {
      this.inputIndices[key] = this.inputs.length;
      this.inputs.push(input);
    }
    return symbol(name);
  }

  /** How far something common is off in this draw, in SI units. */
  private off({ key, size }: CommonInput): Expression {
    const distribution = this.rules.uncertaintyMeans === "limit" ? "rectangular" : "normal";
    return this.draw(`off/${key}`, { value: 0, size, distribution });
  }

  constant(id: string, value: number, size: number): Expression {
    if (size === 0) return number(value);
    return plus(number(value), this.off({ key: id, id, kind: "constant", size }));
  }

  /** A number of a source: its value, moved along its own directions and by what is common. */
  source({ key, joint, dependences }: SourceNumbers, index: number): Expression {
    const limit = joint.spread.kind === "shift" && this.rules.uncertaintyMeans === "limit";
    const distribution = limit ? "rectangular" : "normal";
    const own = independentDirections(joint).map((direction, k) =>
      times(
        number(direction[index] as number),
        this.draw(`${key}/${k}`, { value: 0, size: 1, distribution }),
      ),
    );
    const common = dependences.map((one) =>
      times(number(one.slopes[index] as number), this.off(one.common)),
    );
    return [...own, ...common].reduce(plus, number(joint.values[index] as number));
  }

  input({ input, value }: NamedInput): Expression | undefined {
    switch (input.kind) {
      case "constant":
        return this.constant(input.constant.id, value, input.constant.uncertainty);
      case "source":
        return this.source(input.source, input.index);
      case "result":
        return this.result(input.of);
    }
  }

  result({ expression, inputs }: WorkedResult): Expression | undefined {
    if (!expression) return undefined;
    const parts = new Map(inputs.map((one) => [one.name, this.input(one)]));
    if (symbolsOf(expression).some((name) => parts.get(name) === undefined)) return undefined;
    return replaced(expression, (name) => parts.get(name) as Expression);
  }
}

/**
 * What Monte Carlo draws a result from: limits from rectangles, standard uncertainties from normal distributions;
 * slope and intercept together. Undefined where the theory was solved by numbers.
 */
export function drawingOfResult(one: WorkedResult, rules: HouseRules): Drawing | undefined {
  const draws = new Draws(rules);
  const expression = draws.result(one);
  return expression && { expression, inputIndices: draws.inputIndices, inputs: draws.inputs };
}
