import { readFileSync } from "node:fs";
import { join } from "node:path";
import { fitted, parameterOf } from "../fixtures/formulas";

describe("the nonlinear sets of NIST StRD", () => {
  interface Case {
    readonly name: string;
    readonly input: {
      model: string;
      parameters: string[];
      starts?: number[][];
      x: number[];
      y: number[];
    };
    readonly expected: { residual_sd: number; parameters: Record<string, number> };
  }
  const file = join(__dirname, "../reference/cases/11-nonlinear.json");
  const { cases } = JSON.parse(readFileSync(file, "utf8")) as { cases: Case[] };
  const published = cases.filter(({ input }) => input.starts);

  test.each(published.flatMap((one) => [0, 1].map((start) => [one.name, start, one] as const)))(
    "%s reaches six digits from published start %d",
    (_, start, { input, expected }) => {
      const wishes = Object.fromEntries(
        input.parameters.map((name, j) => [name, { start: input.starts![start]![j]! }]),
      );
      const fit = fitted(input.model, input.x, input.y, { wishes });
      for (const name of input.parameters) {
        const certified = expected.parameters[name]!;
        expect(Math.abs(parameterOf(fit, name) / certified - 1)).toBeLessThan(1e-6);
      }
    },
  );

  test("four in five and more from the app's own starts", () => {
    const reached = published.filter(({ input, expected }) => {
      const { residualStandardDeviation = NaN } = fitted(input.model, input.x, input.y);
      return Math.abs(residualStandardDeviation / expected.residual_sd - 1) < 1e-6;
    });
    expect(reached.length / published.length).toBeGreaterThanOrEqual(0.8);
  });
});
