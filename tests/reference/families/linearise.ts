import { evaluateAt } from "@/core/expression/evaluate";
import type { Expression } from "@/core/expression/tree";
import type { Pair } from "@/core/straighten/pairs";
import { straightenTheory } from "@/core/straighten/straightenTheory";
import { readTheory } from "@/core/straighten/theory";
import { type Family, refused } from "../family";

interface Input {
  readonly model: string;
  readonly x_symbol: string;
  readonly y_symbol: string;
  readonly check_values: Readonly<Record<string, number>>;
  readonly points: readonly Readonly<Record<string, number>>[];
}

function valueOf(expression: Expression, numbers: Readonly<Record<string, number>>): number {
  const found = evaluateAt(expression, numbers);
  return found.kind === "value" ? found.value : NaN;
}

/** How far a pair's points are off the line that it states, beside their size. */
function worstOff(pair: Pair, { points, check_values }: Input): number {
  return Math.max(
    ...points.map((point) => {
      const numbers = { ...check_values, ...point };
      const straight =
        valueOf(pair.slope, numbers) * valueOf(pair.horizontal, numbers) +
        valueOf(pair.intercept, numbers);
      const vertical = valueOf(pair.vertical, numbers);
      return Math.abs(vertical - straight) / Math.abs(vertical);
    }),
  );
}

const slack = 1e-9;

/** Any choice is right whose plot is straight with what it states: the points say so, for the first choice given. */
export const linearise: Family = (input, expected) => {
  const given = input as unknown as Input;
  const read = readTheory(given.model);
  if (read.kind !== "theory") return refused;
  const outcome = straightenTheory(read.theory, {
    measured: [given.x_symbol, given.y_symbol],
    known: [],
  });
  if (outcome.kind === "refused") return refused;
  const worst = Math.max(...outcome.pairs.map((pair) => worstOff(pair, given)));
  return worst <= slack ? expected : { off: worst };
};
