import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { plainRunText } from "@/core/unit/runText";
import type { FigurePoints } from "./fit";
import { lineLedger, writeRSquared } from "./lineLedger";

function ledger(x: number[], y: number[]) {
  const outcome = fitOrdinaryLine(x, y);
  if (outcome.kind !== "line") throw new Error("no line");
  const quantity = (unit: string) => ({ quantity: { unit } });
  const points = {
    x: quantity("m^3"),
    y: quantity("s^2"),
    xValues: Float64Array.from(x),
    yValues: Float64Array.from(y),
  } as FigurePoints;
  return lineLedger(outcome.line, points, "one");
}

describe("what the margin says of a line", () => {
  test("slope and intercept to the figures of their ±, with units", () => {
    const found = ledger([1, 2, 3, 4, 5], [2.1, 3.9, 6, 8.1, 9.9]);
    expect(found.slope.statement).toEqual({ value: "1.98", uncertainty: "0.03" });
    expect(plainRunText(found.slope.unit)).toBe("s²\u00a0m⁻³");
    expect(found.intercept.statement).toEqual({ value: "0.1", uncertainty: "0.1" });
  });

  test("points exactly on a line show clean numbers, no 1e-17", () => {
    const x = [0.1, 0.2, 0.3, 0.4];
    const found = ledger(
      x,
      x.map((value) => 0.3 * value),
    );
    expect(found.slope.statement).toMatchObject({ value: "0.3", uncertainty: "0" });
    expect(found.intercept.statement).toMatchObject({ value: "0", uncertainty: "0" });
    expect(found.residualStandardDeviation).toEqual({ mantissa: "0" });
  });

  test("two points have no ±", () => {
    const found = ledger([1, 3], [1, 2]);
    expect(found.slope.statement).toBeUndefined();
    expect(found.slope.bare).toEqual({ mantissa: "0.5" });
  });

  test("R² near 1 shows enough nines", () => {
    expect(writeRSquared(0.99996543)).toBe("0.999965");
    expect(writeRSquared(0.87123)).toBe("0.8712");
    expect(writeRSquared(1)).toBe("1.000000000");
  });
});
