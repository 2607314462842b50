import { formula as read } from "../../../../tests/fixtures/formulas";
import { SeededChance } from "../../statistics/seededChance";
import { fitFamily, modelOf } from "../families/fitFamily";
import { type CurveModel, curveModel, heightOf } from "./curveModel";
import type { ParameterWish } from "./curveOptions";
import { fitCurve } from "./fitCurve";

type Parameters = Readonly<Record<string, number>>;

const families = {
  "exponential-offset": [{ a: [2, 12], b: [-0.9, -0.2], c: [0.5, 2] }, 15],
  power: [{ a: [0.5, 5], n: [0.6, 2.5] }, 12],
  gaussian: [{ h: [3, 9], m: [3, 7], s: [0.5, 1.4], c: [0.4, 2] }, 25],
  logistic: [{ h: [4, 9], k: [0.7, 2], m: [3, 7] }, 20],
  sine: [{ a: [2, 6], ω: [0.8, 2.5], φ: [0.2, 1.2], c: [1, 4] }, 30],
} as const;
type Family = keyof typeof families;

function madeUp(family: Family, chance: SeededChance) {
  const [ranges, count] = families[family];
  const truth: Parameters = Object.fromEntries(
    Object.entries<readonly [number, number]>(ranges).map(([name, [low, high]]) => [
      name,
      low + (high - low) * chance.uniform(),
    ]),
  );
  const model = modelOf(family);
  const at = Float64Array.from(model.parameters, (name) => truth[name]!);
  const x = Array.from({ length: count }, (_, i) => 0.4 + (9.6 * i) / (count - 1));
  const y = x.map((u) => heightOf(model)(u, at) + 0.03 * chance.normal());
  return { truth, x, y };
}

/** Starting values each wrong by a factor, one way or the other. */
function wrong(truth: Parameters, by: number, chance: SeededChance) {
  return Object.fromEntries(
    Object.entries(truth).map(([name, value]): [string, ParameterWish] => [
      name,
      { start: value * (chance.uniform() < 0.5 ? by : 1 / by) },
    ]),
  );
}

const own = (formula: string): CurveModel => curveModel(read(formula), "x");

/** How many of so many made-up curves are found again from wrong starts, and how many others are called found. */
function tried(family: Family, turns: number, written: boolean) {
  const chance = new SeededChance(17);
  const counts = { reached: 0, wronglyFound: 0 };
  for (let turn = 0; turn < turns; turn++) {
    const { truth, x, y } = madeUp(family, chance);
    const wishes = Object.fromEntries(
      Object.entries(truth).map(([name, start]) => [name, { start }]),
    );
    const best = fitFamily(family, x, y, { wishes });
    const options = { wishes: wrong(truth, 1000, chance) };
    const far = written
      ? fitCurve(modelOf(family), x, y, options)
      : fitFamily(family, x, y, options);
    if (best.kind !== "curve" || far.kind !== "curve") continue;
    const isSame =
      far.fit.residualSumOfSquares < best.fit.residualSumOfSquares * (1 + 1e-6) &&
      (written ||
        far.fit.parameters.every(
          ({ value }, j) => Math.abs(value / best.fit.parameters[j]!.value - 1) < 1e-4,
        ));
    if (isSame) counts.reached++;
    else if (far.fit.converged) counts.wronglyFound++;
  }
  return counts;
}

describe("starting values wrong by a thousand in each parameter", () => {
  const all = Object.keys(families) as Family[];

  test.each(all)("%s: at least 95 in 100 are found, none is wrong", (family) => {
    const { reached, wronglyFound } = tried(family, 40, false);
    expect(reached).toBeGreaterThanOrEqual(38);
    expect(wronglyFound).toBe(0);
  });

  test.each(all)("%s written as one's own formula", (family) => {
    const { reached, wronglyFound } = tried(family, 6, true);
    expect(reached).toBe(6);
    expect(wronglyFound).toBe(0);
  });

  test.each([[{ A: 0.0071, B: 5900, C: 330 }], [{ A: 0.02, B: 3100, C: 120 }]])(
    "A exp(B/(x + C)) of %j from starts a million off",
    (truth) => {
      const model = own("A*exp(B/(x + C))");
      const x = Array.from({ length: 16 }, (_, i) => 50 + 5 * i);
      const at = Float64Array.from(model.parameters, (name) => truth[name as "A"]);
      const y = x.map((u, i) => heightOf(model)(u, at) * (1 + 0.0005 * Math.sin(5 * i)));
      const chance = new SeededChance(3);
      const near = Object.fromEntries(
        Object.entries(truth).map(([name, start]) => [name, { start }]),
      );
      const best = fitCurve(model, x, y, { wishes: near });
      if (best.kind !== "curve") throw new Error("no curve");
      for (let turn = 0; turn < 5; turn++) {
        const far = fitCurve(model, x, y, { wishes: wrong(truth, 1e6, chance) });
        expect(far).toMatchObject({ kind: "curve", fit: { converged: true } });
        if (far.kind !== "curve") throw new Error("no curve");
        far.fit.parameters.forEach(({ value }, j) =>
          expect(value / best.fit.parameters[j]!.value).toBeCloseTo(1, 4),
        );
      }
    },
  );
});
