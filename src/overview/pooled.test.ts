import { describeConstant } from "@/investigation/acts/describeConstant";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { perform } from "@/investigation/history/edit";
import { validateInvestigation } from "@/investigation/model/schema";
import { samples } from "@/investigation/samples/samples";
import { evaluateTables } from "@/pipeline/table/table";
import { fitFigure } from "@/pipeline/lines/fit";
import { benchSummary } from "./benchSummary";
import { pooled } from "./pooled";

const rule = samples.clampedRule();
const pattern = { ...rule, rows: {}, title: "A rule that swings" };
const bench = (number: number, document = rule) => ({ number, document });

/** The lines of the pooled figure by the names of their series. */
function linesOf(document: typeof rule) {
  const figure = Object.values(document.figures)[0]!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  return fit.lines.map(({ key, points, outcome }) => ({
    name: points.series?.series.name ?? key,
    slope: outcome.kind === "line" ? outcome.line.slope : undefined,
    points: points.rows.length,
  }));
}

test("three benches lie on one figure, each with its line, and one line over all", () => {
  const found = pooled(pattern, [bench(1), bench(2), bench(4)], {});
  expect(validateInvestigation(found)).toMatchObject({ valid: true });
  const lines = linesOf(found);
  expect(lines.map(({ name }) => name)).toEqual(["Bench 1", "Bench 2", "Bench 4", "*"]);
  expect(lines.map(({ points }) => points)).toEqual([7, 7, 7, 21]);
  for (const { slope } of lines) expect(slope).toBeCloseTo(lines[0]!.slope!, 9);
  expect(found.title).toBe("A rule that swings: all benches");
});

test("results are taken from the line over all, beside what they are held against", () => {
  const values = { stiffness: { value: "210", uncertainty: "5", source: "table" } };
  const found = pooled(pattern, [bench(1), bench(2)], values);
  expect(found.results.stiffness).toMatchObject({
    source: { series: "*" },
    accepted: { value: "210" },
  });
  const alone = benchSummary(rule, "stiffness").result!;
  expect(benchSummary(found, "stiffness").result!.value).toBeCloseTo(alone.value, -3);
});

test("readings in another unit come in that of all, to the digit; a ± of their own stands behind them", () => {
  const millimetres = perform(rule, describeQuantity, {
    quantity: "overhang",
    unit: "mm",
  }).document;
  const rows = Object.entries(millimetres.rows).map(([id, row]) => {
    const text = String(Math.round(Number(row.readings.overhang) * 1000));
    return [id, { ...row, readings: { ...row.readings, overhang: text } }] as const;
  });
  const inMm = { ...millimetres, rows: Object.fromEntries(rows) };
  const fixed = { kind: "fixed", amount: "2" } as const;
  const own = perform(inMm, setUncertainty, { quantity: "overhang", uncertainty: fixed }).document;
  const found = pooled(pattern, [bench(1), bench(2, own)], {});
  const texts = Object.values(found.rows).map(({ readings }) => readings.overhang);
  expect(texts.slice(0, 1)).toEqual([Object.values(rule.rows)[0]!.readings.overhang]);
  expect(texts[7]).toMatch(/^0\.\d+ ± 0\.002$/);
  expect(JSON.stringify(found.writeUp)).toContain("Bench 2 states its own ± of L");
});

test("what can't lie beside the others is left out and said; other constants are said", () => {
  const seconds = perform(rule, describeQuantity, { quantity: "overhang", unit: "s" }).document;
  const thick = perform(rule, describeConstant, { constant: "thickness", value: "0.76" }).document;
  const found = pooled(pattern, [bench(1), bench(2, seconds), bench(3, thick)], {});
  const said = JSON.stringify(found.writeUp);
  expect(said).toContain("Bench 2 reads L in s, which can’t be put beside the others");
  expect(said).toContain("Bench 3 used d = 0.76 mm");
  const [, second] = Object.values(found.rows).filter(({ series }) => series?.startsWith("bench2"));
  expect(second?.readings).not.toHaveProperty("overhang");
}); // prettier-ignore

test("commas of a bench become points; a ± typed with a reading stays its own", () => {
  const [first] = Object.keys(rule.rows);
  const row = rule.rows[first ?? ""]!;
  const typed = { ...row, readings: { ...row.readings, overhang: "0,2005 ± 0,0004" } };
  const comma = {
    ...rule,
    houseRules: { ...rule.houseRules, decimalMark: "comma" as const },
    rows: { [first ?? ""]: typed },
  };
  const found = pooled(pattern, [bench(1, comma)], {});
  const [only] = Object.values(found.rows);
  expect(only?.readings.overhang).toBe("0.2005 ± 0.0004");
  const figure = Object.values(found.figures)[0]!;
  expect(figure.line).toMatchObject({ together: false, each: false });
});
