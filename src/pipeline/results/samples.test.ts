import type { Investigation } from "@/investigation/model/investigation";
import { validateInvestigation } from "@/investigation/model/schema";
import { bariumHydroxideTruth } from "@/investigation/samples/bariumHydroxide";
import { clampedRuleTruth } from "@/investigation/samples/clampedRule";
import { constantanWiresTruth } from "@/investigation/samples/constantanWires";
import { dischargingCapacitorTruth } from "@/investigation/samples/dischargingCapacitor";
import { fadingCrossTruth } from "@/investigation/samples/fadingCross";
import { leakingCisternTruth } from "@/investigation/samples/leakingCistern";
import { resonatingTubeTruth } from "@/investigation/samples/resonatingTube";
import { samples } from "@/investigation/samples/samples";
import { curvesOf } from "@/output/report/curvesOf";
import { speaking } from "@/wording/language/spoken";
import { evaluateTables } from "../table/table";
import type { WorkedResult } from "./evaluatedResult";
import { evaluateResults } from "./results";

function resultsOf(document: Investigation): Record<string, WorkedResult> {
  const found = evaluateResults({
    document,
    tables: evaluateTables(document),
    rules: document.houseRules,
    curves: curvesOf(document),
  });
  return Object.fromEntries(
    found.map((one) => {
      if (one.kind === "nothing") throw new Error(`${one.id}: ${JSON.stringify(one.finding)}`);
      return [one.id, one];
    }),
  );
}

const micro = 1e-6;
const { crossing, acid, base } = bariumHydroxideTruth;

describe.each([
  ["clampedRule", "stiffness", clampedRuleTruth.E / 1e9],
  ["resonatingTube", "sound", resonatingTubeTruth.v],
  ["resonatingTube", "correction", resonatingTubeTruth.e * 1000],
  ["constantanWires", "thin", constantanWiresTruth.resistivity / micro],
  ["constantanWires", "thick", constantanWiresTruth.resistivity / micro],
  ["constantanWires", "both", constantanWiresTruth.resistivity / micro],
  ["dischargingCapacitor", "capacitance", dischargingCapacitorTruth.C / micro],
  ["dischargingCapacitor", "fitted", dischargingCapacitorTruth.C / micro],
  ["fadingCross", "energy", fadingCrossTruth.energy / 1000],
  ["bariumHydroxide", "crossing", crossing],
  ["bariumHydroxide", "concentration", (acid * crossing) / base],
  ["leakingCistern", "coefficient", leakingCisternTruth.coefficient],
] as const)("%s, %s", (sample, result, truth) => {
  test("agrees with the truth within its ±", () => {
    const found = resultsOf(samples[sample]())[result]!;
    expect(found.size).toBeGreaterThan(0);
    expect(found.size).toBeLessThan(0.5 * Math.abs(truth));
    expect(Math.abs(found.value - truth)).toBeLessThan(found.size);
  });
});

test.each(Object.keys(samples) as (keyof typeof samples)[])(
  "%s is a valid document and the same each time",
  (name) => {
    expect(validateInvestigation(samples[name]())).toMatchObject({ valid: true });
    expect(samples[name]()).toEqual(samples[name]());
  },
);

test.each(Object.keys(samples) as (keyof typeof samples)[])(
  "%s in German is a valid document with decimal commas, and comes to the same results",
  (name) => {
    const german = speaking("de", samples[name]);
    expect(validateInvestigation(german)).toMatchObject({ valid: true });
    expect(german.houseRules).toMatchObject({ language: "de", decimalMark: "comma" });
    expect(german.title).not.toBe(samples[name]().title);
    expect(JSON.stringify(german.rows)).not.toMatch(/\d\.\d/);
    const own = resultsOf(samples[name]());
    const found = resultsOf(german);
    expect(Object.keys(found)).toEqual(Object.keys(own));
    for (const [id, one] of Object.entries(found)) {
      expect(one.value).toBeCloseTo(own[id]!.value, 12);
      expect(one.size).toBeCloseTo(own[id]!.size, 12);
    }
    const refers = ({ writeUp }: Investigation) =>
      Object.values(writeUp.blocks).map(({ text }) =>
        text.flatMap(({ inlines }) =>
          inlines.flatMap((one) => (one.kind === "text" ? [] : [JSON.stringify(one)])).sort(),
        ),
      );
    expect(refers(german)).toEqual(refers(samples[name]()));
  },
);

/** Typed readings of a sample, repeats averaged, row by row. */
function typed({ rows }: Investigation, quantity: string, series?: string): number[] {
  return Object.values(rows).flatMap((row) => {
    if (row.setAside || (series !== undefined && row.series !== series)) return [];
    const texts = Object.entries(row.readings)
      .filter(([key]) => key.split("~")[0] === quantity)
      .map(([, text]) => Number(text));
    return [texts.reduce((sum, one) => sum + one, 0) / texts.length];
  });
}

/** Slope and intercept as a textbook has them. */
function line(x: number[], y: number[]) {
  const mean = (of: number[]) => of.reduce((sum, one) => sum + one, 0) / of.length;
  const [mx, my] = [mean(x), mean(y)];
  const slope =
    x.reduce((sum, one, i) => sum + (one - mx) * (y[i]! - my), 0) /
    x.reduce((sum, one) => sum + (one - mx) ** 2, 0);
  return { slope, intercept: my - slope * mx };
}

describe("by hand, from the typed readings", () => {
  test("the stiffness of the clamped rule", () => {
    const document = samples.clampedRule();
    const L = typed(document, "overhang");
    const T = typed(document, "time").map((t) => t / 10);
    const { slope } = line(L.map((l) => l ** 3), T.map((t) => t ** 2)); // prettier-ignore
    const E = (16 * Math.PI ** 2 * 0.14) / (slope * 0.0254 * 0.0007 ** 3);
    const found = resultsOf(document).stiffness!;
    expect(found.value).toBeCloseTo(E / 1e9, 8);
    const thickness = found.parts.find(({ id }) => id === "thickness")!;
    expect(thickness.size).toBeCloseTo((3 * (0.01 / 0.7) * E) / 1e9, 6);
    const sum = found.parts.reduce((all, { size }) => all + size, 0);
    expect(found.size).toBeCloseTo(sum, 10);
  });

  test("speed of sound and end correction of the tube", () => {
    const document = samples.resonatingTube();
    const { slope, intercept } = line(
      typed(document, "frequency").map((f) => 1 / f),
      typed(document, "length"),
    );
    const { sound, correction } = resultsOf(document);
    expect(sound!.value).toBeCloseTo(4 * slope, 8);
    expect(correction!.value).toBeCloseTo(-intercept * 1000, 8);
  });

  test("resistivities of two wires and their mean, whose parts are those of both", () => {
    const document = samples.constantanWires();
    const rho = (series: string, d: number) => {
      const [U, I] = [typed(document, "voltage", series), typed(document, "current", series)];
      const { slope } = line(typed(document, "length", series), U.map((u, i) => u / I[i]!)); // prettier-ignore
      return (slope * Math.PI * d ** 2) / 4 / micro;
    };
    const { thin, thick, both } = resultsOf(document);
    expect(thin!.value).toBeCloseTo(rho("thin", 0.0004), 9);
    expect(thick!.value).toBeCloseTo(rho("thick", 0.00056), 9);
    expect(both!.value).toBeCloseTo((thin!.value + thick!.value) / 2, 12);
    expect(both!.size).toBeCloseTo((thin!.size + thick!.size) / 2, 12);
    expect(both!.parts).toHaveLength(4);
  });

  test("the capacitance from the logarithm", () => {
    const document = samples.dischargingCapacitor();
    const { slope } = line(typed(document, "time"), typed(document, "voltage").map(Math.log));
    expect(resultsOf(document).capacitance!.value).toBeCloseTo(-1 / slope / 99_600 / micro, 6);
  });

  test("the activation energy, temperatures in kelvin", () => {
    const document = samples.fadingCross();
    const { slope } = line(
      typed(document, "celsius").map((celsius) => 1 / (celsius + 273.15)),
      typed(document, "time").map((t) => Math.log(1 / t)),
    );
    expect(resultsOf(document).energy!.value).toBeCloseTo((-slope * 8.31446261815324) / 1000, 8);
  });

  test("where the conductances cross, and the concentration", () => {
    const document = samples.bariumHydroxide();
    const of = (series: string) =>
      line(typed(document, "volume", series), typed(document, "conductance", series));
    const [falling, rising] = [of("before"), of("after")];
    const V = (rising.intercept - falling.intercept) / (falling.slope - rising.slope);
    const { crossing: found, concentration } = resultsOf(document);
    expect(found!.value).toBeCloseTo(V, 10);
    expect(concentration!.value).toBeCloseTo((0.05 * V) / 20, 12);
  });

  test("the coefficient of the hole; its diameter tilts the whole line", () => {
    const document = samples.leakingCistern();
    const v = typed(document, "time").map((t) => (4 * 0.0005) / (Math.PI * 0.005 ** 2 * t));
    const { slope } = line(typed(document, "head"), v.map((one) => one ** 2)); // prettier-ignore
    const found = resultsOf(document).coefficient!;
    expect(found.value).toBeCloseTo(Math.sqrt(slope / (2 * 9.81)), 8);
    const hole = found.parts.find(({ id }) => id === "hole")!;
    expect(hole.size / found.value).toBeCloseTo(2 * (0.02 / 5), 4);
  });
});
