import { compile } from "@/core/expression/compile";
import type { Expression } from "@/core/expression/tree";
import { type DrawnInput, type MonteCarlo, monteCarlo } from "@/core/uncertainty/monteCarlo";

/** One row of a derived quantity, ready to be drawn: everything in it can be sent to a worker. */
export interface DrawOrder {
  readonly expression: Expression;
  /** The place of each input, by symbol and how many rows on: "T+0". */
  readonly inputIndices: Readonly<Record<string, number>>;
  readonly inputs: readonly DrawnInput[];
  readonly draws: number;
  readonly seed: number;
}

/** Draws a derived quantity away from the page, telling how far it is. */
export const draws = {
  run(order: DrawOrder, onProgress: (part: number) => void): MonteCarlo | undefined {
    const inputIndex = (name: string, shift: number) => order.inputIndices[`${name}+${shift}`] ?? 0;
    const run = monteCarlo(
      compile(order.expression, inputIndex),
      order.inputs,
      order.draws,
      order.seed,
    );
    for (;;) {
      const step = run.next();
      if (step.done) return step.value;
      onProgress(step.value);
    }
  },
};

export type Draws = typeof draws;
