import { SeededChance } from "../../statistics/seededChance";
import { heightOf } from "../curves/curveModel";
import { valuesOf } from "../curves/curveFit";
import { fitPolynomial } from "../polynomial";
import { curveRules, type RuledFamily } from "./curveRules";
import { fitFamily, modelOf } from "./fitFamily";

/** Made-up values of every family's parameters. */
const truths: Readonly<Record<RuledFamily, Readonly<Record<string, number>>>> = {
  parabola: { c_0: 1, c_1: 2, c_2: -0.3 },
  cubic: { c_0: 1, c_1: -1, c_2: 0.4, c_3: 0.05 },
  quartic: { c_0: 1, c_1: 1, c_2: 0.1, c_3: -0.1, c_4: 0.02 },
  quintic: { c_0: 2, c_1: 1, c_2: 0, c_3: 0.1, c_4: 0, c_5: 0.001 },
  sextic: { c_0: 2, c_1: 1, c_2: 0, c_3: 0.1, c_4: 0, c_5: 0, c_6: 0.0001 },
  power: { a: 3, n: 1.5 },
  exponential: { a: 5, b: -0.4 },
  "exponential-offset": { a: 5, b: -0.5, c: 2 },
  logarithm: { a: 2, b: 3 },
  reciprocal: { a: 4, c: 1 },
  "inverse-square": { a: 4, c: 1 },
  saturation: { a: 5, b: 2 },
  logistic: { h: 8, k: 1.4, m: 4 },
  gaussian: { h: 6, m: 4, s: 0.8, c: 1 },
  sine: { a: 2, ω: 3, φ: 1, c: 5 },
  "damped-sine": { a: 4, g: 0.2, ω: 2.5, φ: 0.5, c: 1 },
};

describe("each family finds its own starting values", () => {
  const families = Object.keys(curveRules) as RuledFamily[];

  test.each(families.flatMap((family) => [1, 2, 3].map((seed) => [family, seed] as const)))(
    "%s, scattered by chance %d",
    (family, seed) => {
      const model = modelOf(family);
      const truth = model.parameters.map((name) => truths[family][name]!);
      const height = heightOf(model);
      const chance = new SeededChance(seed);
      const x = Array.from({ length: 40 }, (_, i) => 0.25 * (i + 1));
      const y = x.map((u) => height(u, truth) + 0.02 * chance.normal());
      const outcome = fitFamily(family, x, y);
      if (outcome.kind === "no-curve") throw new Error(outcome.finding.name);
      const { fit } = outcome;
      expect(fit.converged).toBe(true);
      expect(fit.residualStandardDeviation).toBeLessThan(0.03);
      fit.parameters.forEach(({ value, standardError }, j) => {
        expect(Math.abs(value - truth[j]!)).toBeLessThan(5 * standardError!);
      });
    },
  );

  test("a peak's width is above 0, a swing's size above 0 and its phase within half a turn", () => {
    const x = Array.from({ length: 30 }, (_, i) => 0.3 * i);
    const y = x.map((u) => -2 * Math.sin(2 * u + 6) + 0.01 * Math.cos(9 * u));
    const outcome = fitFamily("sine", x, y);
    if (outcome.kind === "no-curve") throw new Error("no curve");
    const [a, w, p] = valuesOf(outcome.fit) as unknown as [number, number, number];
    expect(a).toBeCloseTo(2, 1);
    expect(w).toBeCloseTo(2, 2);
    expect(p).toBeCloseTo(6 - Math.PI, 1);
  });

  test("two curves through the same points are told apart by the criterion, not by R²", () => {
    const chance = new SeededChance(11);
    const x = Array.from({ length: 12 }, (_, i) => i + 1);
    const y = x.map((u) => 1 + 2 * u + 0.3 * u * u + 0.2 * chance.normal());
    const [plain, higher] = (["parabola", "quintic"] as const).map((family) => {
      const outcome = fitFamily(family, x, y);
      if (outcome.kind === "no-curve") throw new Error("no curve");
      return outcome.fit;
    });
    expect(higher!.rSquared).toBeGreaterThan(plain!.rSquared!);
    expect(plain!.criterion).toBeLessThan(higher!.criterion!);
  });
});

describe("polynomials", () => {
  test("far from zero no digit is lost: the years 2001 to 2006", () => {
    const x = [2001, 2002, 2003, 2004, 2005, 2006];
    const y = x.map((u) => (u - 2003) ** 2 + 4);
    const outcome = fitPolynomial(x, y, 2);
    if (outcome.kind === "no-curve") throw new Error("no curve");
    expect(outcome.fit.coefficients[2]).toBeCloseTo(1, 9);
    expect(outcome.fit.coefficients[1]! / -4006).toBeCloseTo(1, 9);
  });

  test("too few points, one x only, bars", () => {
    expect(fitPolynomial([1, 2], [1, 2], 2)).toMatchObject({
      finding: { name: "too-few-for-curve", count: 2, wanted: 3 },
    });
    expect(fitPolynomial([2, 2, 2], [1, 2, 3], 2)).toMatchObject({
      finding: { name: "all-x-equal" },
    });
    const y = [0, 1, 4, 9, 500];
    const held = fitPolynomial([0, 1, 2, 3, 4], y, 2, [1, 1, 1, 1, 1e6]);
    if (held.kind === "no-curve") throw new Error("no curve");
    expect(held.fit.coefficients[2]).toBeCloseTo(1, 6);
  });
});
