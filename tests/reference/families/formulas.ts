import { formula } from "../../fixtures/formulas";
import { evaluateAt } from "@/core/expression/evaluate";
import { cornerRange } from "@/core/uncertainty/cornerRange";
import { combinedUncertainty } from "@/core/uncertainty/propagate";

export interface Variable {
  readonly value: number;
  readonly u: number;
}

function propagated(input: Record<string, unknown>) {
  const { expression, variables } = input as {
    expression: string;
    variables: Record<string, Variable>;
  };
  const values = Object.fromEntries(
    Object.entries(variables).map(([name, { value }]) => [name, value]),
  );
  const found = evaluateAt(formula(expression), values);
  if (found.kind !== "value") return undefined;
  const { value, slopes } = found;
  const parts = Object.values(variables).map(({ u }, i) => Math.abs(slopes[i] as number) * u);
  const contributions = Object.fromEntries(
    Object.keys(variables).map((name, index) => [name, parts[index] as number]),
  );
  return { value, parts, contributions };
}

/** First-order propagation of independent standard uncertainties. */
export function propagateLinear(input: Record<string, unknown>): unknown {
  const found = propagated(input);
  if (!found) return { error: true };
  const { value, parts, contributions } = found;
  const standard_uncertainty = combinedUncertainty("quadrature", parts);
  return { value, standard_uncertainty, contributions };
}

/** All limits at once, to first order; and the range over the corners where the function is monotonic. */
export function propagateWorstCase(input: Record<string, unknown>): unknown {
  const found = propagated(input);
  if (!found) return { error: true };
  const { expression, variables } = input as {
    expression: string;
    variables: Record<string, Variable>;
  };
  const names = Object.keys(variables);
  const tree = formula(expression);
  const all = Object.values(variables);
  const range = cornerRange(
    all.map(({ value }) => value),
    all.map(({ u }) => u),
    (inputs) => evaluateAt(tree, Object.fromEntries(names.map((name, i) => [name, inputs[i]!]))),
  );
  const linear = {
    value: found.value,
    contributions: found.contributions,
    monotonic: range.monotonic,
    linear_delta: combinedUncertainty("worst-case", found.parts),
  };
  if (!range.monotonic) return linear;
  const { least, greatest } = range;
  return {
    ...linear,
    f_min: least,
    f_max: greatest,
    interval_half_width: (greatest - least) / 2,
    interval_mid: (greatest + least) / 2,
  };
}
