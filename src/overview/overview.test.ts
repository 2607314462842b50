import { plainRunText } from "@/core/unit/runText";
import { chooseAxis } from "@/investigation/acts/chooseAxis";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { perform } from "@/investigation/history/edit";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { samples } from "@/investigation/samples/samples";
import { findingSentence } from "@/wording/findings";
import { speaking } from "@/wording/language/spoken";
import { markPlace } from "@/wording/markPlaces";
import { stiffness } from "../../tests/fixtures/statedResult";
import { benchSummary } from "./benchSummary";
import { alike, classSummary } from "./classSummary";

test("a bench at a glance states what its pages state", () => {
  const found = benchSummary(samples.clampedRule());
  expect(found.readings).toBe(7);
  expect(plainRunText(found.slope?.number ?? [])).toBe("12.5\u00a0±\u00a00.4");
  expect(plainRunText(found.slope?.unit ?? [])).toBe("s²\u00a0m⁻³");
  expect(plainRunText(found.result?.number ?? [])).toContain("200\u00a0±\u00a020");
  expect(found.result?.value).toBeCloseTo(2e11, -10);
  expect(found.result?.uncertainty).toBeGreaterThan(1e9);
  expect(found.straight).toBe(true);
});

test("T against L is not straight, and the bench can be asked why", () => {
  const args = { figure: "main", axis: "x", quantity: "overhang" } as const;
  const along = perform(samples.clampedRule(), chooseAxis, args).document;
  const found = benchSummary(along);
  expect(found.straight).toBe(false);
  expect(found.openMarks).toBeGreaterThan(0);
  expect(found.asks.length).toBeLessThanOrEqual(3);
  const [first] = JSON.parse(JSON.stringify(found.asks)) as typeof found.asks;
  const said = () => `${plainRunText(markPlace(first!.place))}: ${findingSentence(first!.finding)}`;
  expect(said()).toMatch(/^Figure 1: \p{Lu}/u);
  expect(speaking("de", said)).toMatch(/^Abbildung 1: \p{Lu}/u);
});

test("an empty sheet has nothing to show, and nothing is made up", () => {
  expect(benchSummary(emptyInvestigation(""))).toEqual({ readings: 0, openMarks: 0, asks: [] });
});

test("the decimal mark of the house is that of its overview", () => {
  const change = { decimalMark: "comma" } as const;
  const comma = perform(samples.clampedRule(), setHouseRules, change).document;
  expect(plainRunText(benchSummary(comma).slope?.number ?? [])).toContain("12,5");
});

test("results that meet agree; one far off is told; a ± that is too wide is told too", () => {
  const of = (...pairs: readonly (readonly [number, number])[]) =>
    classSummary(pairs.map(([value, size]) => stiffness(value, size)));
  expect(of([200, 10], [210, 10], [195, 10])).toMatchObject({ of: 3, agreement: "agree" });
  expect(of([200, 10], [210, 10], [300, 10])).toMatchObject({ agreement: "apart" });
  expect(of([200, 50], [201, 50], [200, 50], [201, 50], [200, 50])).toMatchObject({
    agreement: "closer than expected",
  });
  expect(of([200, 0])).toBeUndefined();
  expect(of([200, 10], [500, 0])).toEqual({ mean: 200e9, uncertainty: 10e9, of: 1 });
});

test("only what has the same dimension lies on one line", () => {
  const speed = { ...stiffness(340, 2), dimension: [1, 0, -1, 0, 0, 0, 0] };
  expect(alike(stiffness(1, 1), stiffness(2, 1))).toBe(true);
  expect(alike(stiffness(1, 1), speed)).toBe(false);
});
