import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { SeededChance } from "@/core/statistics/seededChance";
import { sheet } from "../fixtures/sheet";

/** A body that speeds up, its place read with a scatter; v against the middle time. */
function track(seed: number) {
  const chance = new SeededChance(seed);
  const times = Array.from({ length: 12 }, (_, i) => i / 10);
  const places = times.map((t) => (0.5 * 2 * t * t + 0.01 * chance.normal()).toFixed(6));
  const document = sheet(
    {
      t: { unit: "s", readings: times.map((t) => t.toFixed(1)) },
      s: { unit: "m", pm: "0.01", readings: places },
      v: { formula: "change(s)/change(t)" },
      m: { formula: "middle(t)" },
    },
    {
      figure: { x: "m", y: "v" },
      rules: { uncertaintyMeans: "standard", propagation: "quadrature" },
    },
  );
  const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
  const outcome = fit.lines[0]!.outcome;
  if (outcome.kind === "no-line") throw new Error("no line");
  return outcome.line;
}

test("neighbours share a reading: the stated standard error is what the slope really scatters by", () => {
  const lines = Array.from({ length: 400 }, (_, seed) => track(seed + 1));
  const mean = lines.reduce((sum, { slope }) => sum + slope, 0) / lines.length;
  const scatter = Math.sqrt(
    lines.reduce((sum, { slope }) => sum + (slope - mean) ** 2, 0) / (lines.length - 1),
  );
  const stated = Math.sqrt(
    lines.reduce((sum, one) => sum + one.standardErrorOfSlope! ** 2, 0) / lines.length,
  );
  expect(mean).toBeCloseTo(2, 1);
  expect(stated / scatter).toBeGreaterThan(0.9);
  expect(stated / scatter).toBeLessThan(1.1);
  expect(lines[0]!.sharedReadings).toMatchObject({ between: "neighbours" });
  expect(lines[0]!.sharedReadings!.factor).toBeLessThan(0.75);
});
