import { bandAt, confidenceIntervals } from "./lineIntervals";
import { fitOrdinaryLine } from "./ordinaryLine";

function line(x: number[], y: number[]) {
  const outcome = fitOrdinaryLine(x, y);
  if (outcome.kind !== "line") throw new Error(outcome.finding.name);
  return outcome.line;
}

describe("the least-squares line", () => {
  test("a textbook example by hand: Σ(x−x̄)² = 10, Σ(x−x̄)(y−ȳ) = 20", () => {
    const found = line([1, 2, 3, 4, 5], [2.1, 3.9, 6, 8.1, 9.9]);
    expect(found.slope).toBeCloseTo(1.98, 12);
    expect(found.intercept).toBeCloseTo(0.06, 12);
    expect(found.degreesOfFreedom).toBe(3);
    expect(found.residualSumOfSquares).toBeCloseTo(0.036, 10);
    expect(found.standardErrorOfSlope).toBeCloseTo(Math.sqrt(0.012 / 10), 10);
  });

  test("x near a million with a spread of one loses no digit", () => {
    const x = [1e6, 1e6 + 0.25, 1e6 + 0.5, 1e6 + 1];
    const found = line(
      x,
      x.map((value) => 3 * (value - 1e6) + 7),
    );
    expect(found.slope).toBe(3);
    expect(found.residualSumOfSquares).toBe(0);
  });

  test("many points with a far outlier agree with the sums taken in exact halves", () => {
    const x = Array.from({ length: 1001 }, (_, i) => (i === 500 ? 2 ** 20 : i % 2));
    const y = x.map((value, i) => 2 * value + (i % 2 === 0 ? 0.5 : -0.5));
    const n = BigInt(x.length);
    const sum = (f: (i: number) => number) => x.reduce((total, _, i) => total + BigInt(f(i)), 0n);
    const [sx, sy] = [sum((i) => x[i]!), sum((i) => 2 * y[i]!)];
    const [sxx, sxy] = [sum((i) => x[i]! ** 2), sum((i) => 2 * y[i]! * x[i]!)];
    const slope = Number(n * sxy - sx * sy) / Number(n * sxx - sx * sx) / 2;
    expect(Math.abs(line(x, y).slope / slope - 1)).toBeLessThan(1e-14);
  });

  test("two points give a line, but nothing tells how sure it is", () => {
    const found = line([1, 2], [3, 5]);
    expect(found).toMatchObject({ slope: 2, intercept: 1, degreesOfFreedom: 0, rSquared: 1 });
    expect(found.standardErrorOfSlope).toBeUndefined();
    expect(found.findings).toEqual([{ name: "two-points-no-standard-error" }]);
    expect(confidenceIntervals(found, 0.95)).toBeUndefined();
    expect(bandAt(found, 3, 0.95)).toEqual({ x: 3, y: 7 });
  });

  test("a constant y has no R²", () => {
    expect(line([1, 2, 3], [4, 4, 4])).not.toHaveProperty("rSquared");
  });

  test("the band is narrowest at the mean of x", () => {
    const found = line([1, 2, 3, 4, 5], [2.1, 3.9, 6, 8.1, 9.9]);
    const width = (x: number) => bandAt(found, x, 0.95).confidence as number;
    expect(width(3)).toBeLessThan(width(2));
    expect(width(3)).toBeLessThan(width(4));
    expect(bandAt(found, 3, 0.95).prediction).toBeGreaterThan(width(3));
  });
});

describe("where there is no line", () => {
  test.each([
    [[], [], { name: "too-few-points", count: 0 }],
    [[2], [1], { name: "too-few-points", count: 1 }],
    [[2, 2, 2], [1, 2, 3], { name: "all-x-equal", x: 2 }],
    [[1, 2], [1], { name: "lengths-differ", x: 2, y: 1 }],
    [[1, 2], [1, NaN], { name: "not-finite" }],
  ])("%j against %j says why", (x: number[], y: number[], finding) => {
    expect(fitOrdinaryLine(x, y)).toEqual({ kind: "no-line", finding });
  });
});
