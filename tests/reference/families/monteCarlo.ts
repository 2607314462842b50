import { formula } from "../../fixtures/formulas";
import { compile } from "@/core/expression/compile";
import { symbolName } from "@/core/expression/spelling";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import { standardPart } from "@/core/uncertainty/readingUncertainty";
import { type DrawnInput, monteCarlo } from "@/core/uncertainty/monteCarlo";
import type { Family } from "../family";
import { evaluateAt } from "@/core/expression/evaluate";

interface Drawn {
  readonly distribution: "normal" | "rectangular";
  readonly value: number;
  readonly u?: number;
  readonly half_width?: number;
}

/** Mean, sd and the symmetric 95 % interval of 10⁶ seeded draws. */
export const propagateMonteCarlo: Family = (input) => {
  const { expression, variables } = input as {
    expression: string;
    variables: Record<string, Drawn>;
  };
  const names = Object.keys(variables).map(symbolName);
  const inputs = Object.values(variables).map(
    ({ value, distribution, u, half_width }): DrawnInput => ({
      value,
      distribution,
      size: u ?? half_width ?? 0,
    }),
  );
  const compiled = compile(formula(expression), (name) => names.indexOf(name));
  const run = monteCarlo(compiled, inputs, 1_000_000, 20_261_123);
  let step = run.next();
  while (!step.done) step = run.next();
  const found = step.value!;
  const [low95, high95] = found.symmetric;
  const values = Object.fromEntries(
    Object.entries(variables).map(([name, { value }]) => [name, value]),
  );
  const linear = evaluateAt(formula(expression), values);
  const parts = inputs.map(({ size, distribution }, index) => {
    const slope = linear.kind === "value" ? (linear.slopes[index] as number) : NaN;
    return Math.abs(slope) * (distribution === "normal" ? size : standardPart("limit") * size);
  });
  const first_order_u = combinedUncertainty("quadrature", parts);
  return { mean: found.mean, sd: found.standardDeviation, low95, high95, first_order_u };
};
