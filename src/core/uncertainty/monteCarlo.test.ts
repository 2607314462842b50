import { compile } from "../expression/compile";
import { parseFormula } from "../expression/parseFormula";
import { SeededChance } from "../statistics/seededChance";
import { cornerRange } from "./cornerRange";
import { type DrawnInput, drawnDeviation, monteCarlo } from "./monteCarlo";
import { combinedUncertainty, sharesOf } from "./propagate";

function drawn(text: string, inputs: readonly DrawnInput[], draws = 200_000, seed = 3) {
  const read = parseFormula(text);
  if (read.kind !== "formula") throw new Error(text);
  const names = ["a", "b", "c"];
  const formula = compile(read.expression, (name) => names.indexOf(name));
  const run = monteCarlo(formula, inputs, draws, seed);
  const progress: number[] = [];
  let step = run.next();
  while (!step.done) {
    progress.push(step.value);
    step = run.next();
  }
  return { result: step.value, progress, alone: drawnDeviation(formula, inputs, draws, seed) };
}

const normal = (value: number, size: number): DrawnInput => ({
  value,
  size,
  distribution: "normal",
});
const rectangle = (value: number, size: number): DrawnInput => ({
  value,
  size,
  distribution: "rectangular",
});

describe("Monte Carlo", () => {
  test("the standard deviation alone is that of the whole, also where draws fall outside the domain", () => {
    const bent = drawn("sqrt(a) + b", [normal(1, 1), rectangle(2, 1)], 20_000);
    expect(bent.result!.outside).toBeGreaterThan(0);
    expect(bent.alone).toBe(bent.result!.standardDeviation);
    expect(drawn("sqrt(a)", [normal(-50, 1)], 20_000).alone).toBeUndefined();
  });

  test("a normal input gives itself back", () => {
    const { result } = drawn("a", [normal(5, 2)]);
    expect(result!.mean).toBeCloseTo(5, 1);
    expect(result!.standardDeviation).toBeCloseTo(2, 1);
    expect(result!.symmetric[0]).toBeCloseTo(5 - 1.96 * 2, 1);
    expect(result!.symmetric[1]).toBeCloseTo(5 + 1.96 * 2, 1);
  });

  test("a limit is drawn from a rectangle: Δ/√3", () => {
    const { result } = drawn("a", [rectangle(0, 3)]);
    expect(result!.standardDeviation).toBeCloseTo(3 / Math.sqrt(3), 1);
    expect(result!.shortest[1] - result!.shortest[0]).toBeCloseTo(0.95 * 6, 1);
  });

  test("the shortest interval of a skew outcome is shorter than the symmetric one", () => {
    const { result } = drawn("exp(a)", [normal(0, 1)]);
    const width = ([low, high]: readonly [number, number]) => high - low;
    expect(width(result!.shortest)).toBeLessThan(width(result!.symmetric));
  });

  test("the same seed gives the same answer, another one another", () => {
    const one = drawn("a*b", [normal(1, 0.1), normal(2, 0.1)], 1000, 5).result;
    expect(drawn("a*b", [normal(1, 0.1), normal(2, 0.1)], 1000, 5).result).toEqual(one);
    expect(drawn("a*b", [normal(1, 0.1), normal(2, 0.1)], 1000, 6).result).not.toEqual(one);
  });

  test("draws outside the domain are counted and left out", () => {
    const { result } = drawn("sqrt(a)", [rectangle(0, 1)], 100_000);
    expect(result!.outside / result!.draws).toBeCloseTo(0.5, 1);
    expect(Number.isFinite(result!.mean)).toBe(true);
    expect(drawn("sqrt(a)", [rectangle(-5, 1)], 1000).result).toBeUndefined();
  });

  test("tells how far it is, and its histogram holds nearly all", () => {
    const { result, progress } = drawn("a", [normal(0, 1)], 200_000);
    expect(progress).toEqual([0.25, 0.5, 0.75, 1]);
    const held = result!.histogram.counts.reduce((sum, count) => sum + count, 0);
    expect(held / 200_000).toBeCloseTo(0.998, 3);
  });

  test("an exact input is not drawn", () => {
    const { result } = drawn("a + b", [normal(1, 0), normal(2, 0)], 100);
    expect(result).toMatchObject({ mean: 3, standardDeviation: 0 });
  });
});

describe("seeded chance", () => {
  test("is uniform between 0 and 1", () => {
    const chance = new SeededChance(1);
    const draws = Array.from({ length: 20_000 }, () => chance.uniform());
    expect(Math.min(...draws)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...draws)).toBeLessThan(1);
    const tenths = new Array<number>(10).fill(0);
    for (const draw of draws) tenths[Math.floor(draw * 10)]! += 1;
    for (const count of tenths) expect(count / 2000).toBeCloseTo(1, 0);
  });
});

describe("adding up", () => {
  test("worst case adds, quadrature takes the root of the squares", () => {
    expect(combinedUncertainty("worst-case", [3, 4])).toBe(7);
    expect(combinedUncertainty("quadrature", [3, 4])).toBe(5);
    expect(combinedUncertainty("quadrature", [])).toBe(0);
  });

  test("shares follow the rule and add up to one", () => {
    expect(sharesOf("worst-case", [1, 3])).toEqual([0.25, 0.75]);
    expect(sharesOf("quadrature", [1, 3])).toEqual([0.1, 0.9]);
    expect(sharesOf("quadrature", [0, 0])).toEqual([0, 0]);
  });

  test("the corners of a product; no range where it turns round", () => {
    const product = cornerRange([2, 3], [0.1, 0.1], ([x = 0, y = 0]) => ({
      kind: "value",
      value: x * y,
      slopes: [y, x],
    }));
    expect(product).toMatchObject({ monotonic: true });
    if (product.monotonic) expect(product.greatest).toBeCloseTo(2.1 * 3.1, 12);
    const bowl = cornerRange([0], [1], ([x = 0]) => ({
      kind: "value",
      value: x * x,
      slopes: [2 * x],
    }));
    expect(bowl.monotonic).toBe(false);
  });
});
