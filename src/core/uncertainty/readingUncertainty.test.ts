import { spreadOf } from "../statistics/spread";
import { instrumentBars, type InstrumentPart, meanBar } from "./instrumentPart";
import { combineParts, spreadPart, standardPart } from "./readingUncertainty";

describe("what the instrument leaves open", () => {
  test.each<[InstrumentPart, number, number, number]>([
    [{ kind: "none" }, 3.2, 1, 0],
    [{ kind: "fixed", amount: 0.1 }, 3.2, 1, 0.1],
    [{ kind: "percent", percent: 2 }, -50, 0, 1],
    [{ kind: "percent-and-digits", percent: 0.5, digits: 2 }, 4, 2, 0.04],
    [{ kind: "half-division", division: 0.001 }, 0.35, 3, 0.0005],
    [{ kind: "last-digit" }, 3.2, 2, 0.01],
    [{ kind: "last-digit" }, 1200, -2, 100],
    [{ kind: "two-edges", edge: 0.0005 }, 0.35, 3, 0.001],
    [{ kind: "up-and-down", up: 0.3, down: 0.1 }, 5, 1, 0.2],
    [{ kind: "counting" }, 144, 0, 12],
    [{ kind: "counting" }, 0, 0, 1],
  ])("%j on %d", (part, value, decimals, expected) => {
    expect(meanBar(instrumentBars(part, { value, decimals }))).toBeCloseTo(expected, 12);
  });
});

describe("repeats and the instrument together", () => {
  const spread = spreadOf([3.2, 3.1, 3.3])!;

  test("three timings of ten swings", () => {
    expect(spread.mean).toBeCloseTo(3.2, 12);
    expect(spreadPart("half-range", spread)).toBeCloseTo(0.1, 12);
    expect(spreadPart("sample-standard-deviation", spread)).toBeCloseTo(0.1, 12);
    expect(spreadPart("standard-error", spread)).toBeCloseTo(0.1 / Math.sqrt(3), 12);
  });

  test.each([
    ["larger", 0.4],
    ["quadrature", 0.5],
    ["sum", 0.7],
    ["spread-only", 0.3],
    ["instrument-only", 0.4],
  ] as const)("%s of 0.4 and 0.3 is %d", (rule, expected) => {
    expect(combineParts(rule, 0.4, 0.3)).toBeCloseTo(expected, 12);
  });

  test("one repeat has no spread: the instrument stands alone", () => {
    const one = spreadOf([3.2])!;
    expect(one.sampleStandardDeviation).toBeUndefined();
    expect(combineParts("spread-only", 0.4, spreadPart("half-range", one))).toBe(0.4);
  });

  test("no repeat has no mean", () => {
    expect(spreadOf([])).toBeUndefined();
  });

  test("a limit of ± 0.3 is a standard uncertainty of 0.17", () => {
    expect(standardPart("limit") * 0.3).toBeCloseTo(0.173205, 6);
    expect(standardPart("standard") * 0.3).toBe(0.3);
  });
});
