import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { validateInvestigation } from "@/investigation/model/schema";
import { bariumHydroxideTruth } from "@/investigation/samples/bariumHydroxide";
import { clampedRuleTruth } from "@/investigation/samples/clampedRule";
import { constantanWiresTruth } from "@/investigation/samples/constantanWires";
import { dischargingCapacitorTruth } from "@/investigation/samples/dischargingCapacitor";
import { fadingCrossTruth } from "@/investigation/samples/fadingCross";
import { leakingCisternTruth } from "@/investigation/samples/leakingCistern";
import { resonatingTubeTruth } from "@/investigation/samples/resonatingTube";
import { samples } from "@/investigation/samples/samples";
import { curveOrder } from "../curveOrder";
import { fitFigure } from "../fit";
import { fitOrder, type FittedCurve } from "../fittedCurves";
import { evaluateTables } from "../table";
import type { WorkedResult } from "./evaluatedResult";
import { evaluateResults } from "./results";

function curvesOf(document: Investigation): ReadonlyMap<string, FittedCurve[]> {
  const tables = evaluateTables(document);
  return new Map(
    inOrder(document.figures).map(([figure, own]) => {
      const fit = fitFigure(tables, own, document.houseRules);
      const fitted = inOrder(own.curves).flatMap(([id, curve]): FittedCurve[] => {
        const ordered = fit && curveOrder(fit, curve, document.houseRules, document.constants);
        if (ordered?.kind !== "order") return [];
        const outcome = fitOrder(ordered.order);
        const { order } = ordered;
        return outcome.kind === "curve" ? [{ id, curve, order, fit: outcome.fit, name: "" }] : [];
      });
      return [figure, fitted];
    }),
  );
}

function resultsOf(document: Investigation): Record<string, WorkedResult> {
  const found = evaluateResults({
    ...{ document, tables: evaluateTables(document), rules: document.houseRules },
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

test.each(Object.keys(samples) as (keyof typeof samples)[])("%s is a valid document", (name) => {
  expect(validateInvestigation(samples[name]())).toMatchObject({ valid: true });
});
