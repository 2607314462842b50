import { fitted, formula, parameterOf } from "../../../../tests/fixtures/formulas";
import fc from "fast-check";
import { SeededChance } from "../../statistics/seededChance";
import { curveModel } from "./curveModel";
import { type CurveFit, valuesOf } from "./curveFit";
import { fitCurve } from "./fitCurve";
import { descend } from "./levenbergMarquardt";
import { linearParameters } from "./linearParameters";
import { parameterPowers } from "./parameterPowers";
import { inverseOfSquare, backSubstituted, orthogonalFactors } from "./orthogonalFactors";

const steps = (count: number) => Array.from({ length: count }, (_, i) => i);

describe("the triangle of least squares", () => {
  test("a line by hand: y = 1 + 2x through (0, 1), (1, 3), (2, 5)", () => {
    const columns = [Float64Array.of(1, 1, 1), Float64Array.of(0, 1, 2)];
    const { r, along, beside } = orthogonalFactors(columns, Float64Array.of(1, 3, 5));
    const [c, m] = backSubstituted(r, along)!;
    expect(c).toBeCloseTo(1, 14);
    expect(m).toBeCloseTo(2, 14);
    expect(beside).toBeLessThan(1e-28);
    const inverse = inverseOfSquare(r)!;
    expect(inverse[1]![1]).toBeCloseTo(0.5, 14);
    expect(inverse[0]![1]).toBeCloseTo(-0.5, 14);
  });

  test("columns that are one another's multiple have no inverse", () => {
    const column = Float64Array.of(0, 0, 0);
    expect(inverseOfSquare(orthogonalFactors([column], column).r)).toBeUndefined();
  });
});

describe("what a formula tells of its parameters", () => {
  test.each<[string, string[]]>([
    ["a*exp(b*x) + c", ["a", "c"]],
    ["b_1*b_2*x", ["b_1"]],
    ["(p + q*x)/(1 + r*x)", ["p", "q"]],
    ["sin(w*x)", []],
    ["a - b/x", ["a", "b"]],
  ])("%s is linear in %j", (typed, linear) => {
    const model = curveModel(formula(typed), "x");
    expect([...linearParameters(model.expression, model.parameters)]).toEqual(linear);
  });

  test.each<[string, string, (readonly number[] | undefined)[]]>([
    ["an exponential over time", "a*exp(-x/t) + c", [[0, 1], [1, 0], [0, 1]]], // prettier-ignore
    ["a peak", "h*exp(-(x - m)^2/(2*s^2))", [[0, 1], [1, 0], [1, 0]]], // prettier-ignore
    ["a rational curve", "(p + q*x)/(1 + r*x^2)", [[0, 1], [-1, 1], [-2, 0]]], // prettier-ignore
    ["a free power: x is taken as a number", "a*x^n", [[0, 1], [0, 0]]], // prettier-ignore
    ["a product that leaves both open", "a*b*x", [undefined, undefined]],
  ])("units of the parameters of %s", (_, typed, powers) => {
    const model = curveModel(formula(typed), "x");
    const given = new Map([["x", [1, 0]]]);
    expect(parameterPowers(model.expression, model.parameters, given, [0, 1])).toEqual(powers);
  });
});

describe("curves through points", () => {
  const x = steps(12);

  test("exact points give back the parameters that made them", () => {
    const fit = fitted("a*exp(-x/t) + c", x, x.map((u) => 5 * Math.exp(-u / 3) + 2)); // prettier-ignore
    expect(parameterOf(fit, "a")).toBeCloseTo(5, 8);
    expect(parameterOf(fit, "t")).toBeCloseTo(3, 8);
    expect(parameterOf(fit, "c")).toBeCloseTo(2, 8);
    expect(fit.converged).toBe(true);
  });

  test("a kept parameter keeps its value and has no ±", () => {
    const y = x.map((u) => 5 * Math.exp(-u / 3) + 2 + 0.01 * (u % 3));
    const fit = fitted("a*exp(-x/t) + c", x, y, { wishes: { c: { start: 2, fixed: true } } });
    expect(parameterOf(fit, "c")).toBe(2);
    expect(fit.parameters.find(({ name }) => name === "c")).toMatchObject({ fixed: true });
    expect(fit.freeCount).toBe(2);
    expect(fit.parameters.find(({ name }) => name === "t")!.standardError).toBeGreaterThan(0);
  });

  test("a bound holds where the points would go beyond it", () => {
    const y = x.map((u) => 3 * u + 1);
    const fit = fitted("m*x + c", x, y, { wishes: { m: { most: 2.5 } } });
    expect(parameterOf(fit, "m")).toBe(2.5);
  });

  test("bars as weights: a far point with a long bar hardly counts", () => {
    const y = x.map((u) => (u === 11 ? 60 : 2 * u));
    const deviations = x.map((u) => (u === 11 ? 1000 : 0.1));
    expect(parameterOf(fitted("m*x", x, y, { deviations }), "m")).toBeCloseTo(2, 4);
    expect(parameterOf(fitted("m*x", x, y), "m")).toBeGreaterThan(2.5);
  });

  test("what forbids a curve is said", () => {
    const model = curveModel(formula("a*exp(b*x) + c"), "x");
    expect(fitCurve(model, [1, 2], [1, 2])).toMatchObject({
      finding: { name: "too-few-for-curve", count: 2, wanted: 3 },
    });
    expect(fitCurve(model, [1, 1, 1], [1, 2, 3])).toMatchObject({
      finding: { name: "all-x-equal" },
    });
    expect(fitCurve(curveModel(formula("a*ln(x)"), "x"), [-1, -2], [1, 2])).toMatchObject({
      finding: { name: "curve-not-found" },
    });
  });

  test("as many parameters as points are marked and have no ±", () => {
    const fit = fitted("a + b*x + c*x^2", [1, 2, 3], [2.5, 7.1, 13.2]);
    expect(fit.findings).toContainEqual({ name: "as-many-parameters-as-points", count: 3 });
    expect(fit.parameters.every(({ standardError }) => standardError === undefined)).toBe(true);
  });

  test("parameters that make up for each other are marked", () => {
    const y = x.map((u) => 2 + 3 * u + 0.1 * Math.sin(7 * u));
    const names = fitted("a*exp(b*x) + c", x, y).findings.map(({ name }) => name);
    expect(names).toContain("parameters-correlated");
  });

  test("a parameter that the points leave open is not stated; one that they tell is", () => {
    const untold = (fit: CurveFit) =>
      fit.parameters.flatMap(({ name, undetermined }) => (undetermined ? [name] : []));
    const y = x.map((u) => 6 / (1 + 9 * Math.exp(-0.8 * u)) + 0.01 * Math.cos(3 * u));
    const two = fitted("c/(1 + a*q^(-b*x))", x, y);
    expect(untold(two)).toEqual(expect.arrayContaining(["q", "b"]) as unknown);
    expect(untold(fitted("c/(1 + a*exp(-b*x))", x, y))).toEqual([]);
    const line = x.map((u) => 2 + 3 * u + 0.1 * Math.sin(7 * u));
    expect(untold(fitted("m*x + c", x, line))).toEqual([]);
  });

  test("the order of the points and the unit of x change nothing but the unit of a rate", () => {
    const chance = new SeededChance(3);
    const y = x.map((u) => 4 * Math.exp(-0.3 * u) + 1 + 0.02 * chance.normal());
    const fit = fitted("a*exp(-b*x) + c", x, y);
    const turned = fitted("a*exp(-b*x) + c", [...x].reverse(), [...y].reverse());
    const smaller = fitted("a*exp(-b*x) + c", x.map((u) => 1000 * u), y); // prettier-ignore
    expect(parameterOf(turned, "b")).toBeCloseTo(parameterOf(fit, "b"), 8);
    expect(1000 * parameterOf(smaller, "b")).toBeCloseTo(parameterOf(fit, "b"), 8);
    expect(parameterOf(smaller, "c")).toBeCloseTo(parameterOf(fit, "c"), 8);
  });

  test("no neighbour of the found place fits better", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 10_000 }), (seed) => {
        const chance = new SeededChance(seed);
        const y = x.map((u) => (6 * u) / (2 + u) + 0.05 * chance.normal());
        const fit = fitted("a*x/(b + x)", x, y);
        const at = valuesOf(fit);
        const squares = ([a, b]: number[]) =>
          x.reduce((sum, u, i) => sum + (y[i]! - (a! * u) / (b! + u)) ** 2, 0);
        for (const [da, db] of [
          [1, 0],
          [-1, 0],
          [0, 1],
          [0, -1],
          [1, 1],
        ]) {
          // prettier-ignore
          const near = [at[0]! * (1 + 1e-3 * da!), at[1]! * (1 + 1e-3 * db!)];
          expect(squares(near)).toBeGreaterThanOrEqual(fit.residualSumOfSquares);
        }
      }),
      { numRuns: 30, seed: 7 },
    );
  });
});

describe("a person's beginning", () => {
  const model = curveModel(formula("a*exp(b*x) + c"), "x");
  const wishes = { a: { start: 7 }, b: { start: -0.2 }, c: { start: 0.2 } };
  const made = (count: number) => {
    const chance = new SeededChance(23);
    const x = Float64Array.from({ length: count }, (_, i) => (12 * i) / count);
    return { x, y: x.map((u) => 8.9 * Math.exp(-0.32 * u) + 0.7 + 0.02 * chance.normal()) };
  };
  const fit = (points: { x: Float64Array; y: Float64Array }) => {
    const outcome = fitCurve(model, points.x, points.y, { wishes });
    if (outcome.kind !== "curve") throw new Error("no curve");
    return outcome.fit;
  };

  test.each([300, 5000, 30_000])(
    "over %d points it comes as close to the end as going over all of them in each step",
    (count) => {
      const points = made(count);
      const root = new Float64Array(count).fill(1);
      const [least, most] = [-Infinity, Infinity].map((bound) => [bound, bound, bound]);
      const search = {
        model,
        ...points,
        root,
        free: [0, 1, 2],
        bounds: { least: least!, most: most! },
      };
      const exact = descend(search, Float64Array.of(7, -0.2, 0.2)).parameters;
      const { parameters, converged, startMattered } = fit(points);
      expect({ converged, startMattered }).toEqual({ converged: true, startMattered: false });
      parameters.forEach(({ value, standardError = 0 }, j) => {
        expect(Math.abs(value - exact[j]!) / standardError).toBeLessThan(1e-4);
      });
    },
  );

  test("the ± of many points are the ± of all of them: as 1/√n smaller", () => {
    const [few, many] = [fit(made(500)), fit(made(50_000))];
    few.parameters.forEach(({ standardError = 0 }, j) => {
      const ratio = standardError / many.parameters[j]!.standardError!;
      expect(ratio).toBeGreaterThan(8.5);
      expect(ratio).toBeLessThan(11.5);
    });
  });
});
