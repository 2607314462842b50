import { plainRunText } from "@/core/unit/runText";
import { chosenScale } from "./chosenScale";
import { byHand, startAtZero } from "./axisScale";
import { logScale } from "./logScale";

const labels = (scale: ReturnType<typeof logScale>) =>
  scale.ticks.map(({ label }) => plainRunText(label));

describe("an axis by hand", () => {
  test("keeps its ends to the digit, with ticks at multiples of its step", () => {
    const scale = byHand(0.03, 0.47, 0.1, 8);
    expect([scale.from, scale.to]).toEqual([0.03, 0.47]);
    expect(labels(scale)).toEqual(["0.1", "0.2", "0.3", "0.4"]);
  });

  test("counts in threes where that is wanted, and says plain numbers", () => {
    expect(labels(byHand(0, 12, 3, 8))).toEqual(["0", "3", "6", "9", "12"]);
  });

  test("a step that would leave thousands of ticks is not taken", () => {
    expect(byHand(0, 1000, 0.001, 8).ticks.length).toBeLessThan(20);
    expect(byHand(0, 10, -1, 8).ticks.length).toBeGreaterThan(2);
  });
});

describe("an axis that starts at zero", () => {
  test.each([
    [20, 30, 0, 30],
    [-30, -20, -30, 0],
    [-2, 5, -2, 6],
  ])("readings from %d to %d", (low, high, from, to) => {
    const scale = startAtZero(low, high, 6);
    expect([scale.from, scale.to]).toEqual([from, to]);
  });
});

describe("a logarithmic axis", () => {
  test("one decade has every digit, several have decades", () => {
    expect(labels(logScale(1, 10, 12, false))).toEqual("1 2 3 4 5 6 7 8 9 10".split(" "));
    expect(labels(logScale(0.002, 300, 8, false))).toEqual(["0.01", "0.1", "1", "10", "100"]);
  });

  test("powers of ten beyond plain numbers are raised", () => {
    expect(labels(logScale(1e-8, 1e-5, 4, false))).toEqual(["10⁻⁸", "10⁻⁷", "10⁻⁶", "10⁻⁵"]);
  });

  test("many decades are not all numbered", () => {
    const scale = logScale(1e-20, 1e20, 8, false);
    expect(scale.ticks.length).toBeLessThan(12);
    expect(new Set(labels(scale)).size).toBe(scale.ticks.length);
  });

  test("readings at or below zero leave a usable axis", () => {
    const axis = { name: "", symbol: [], unit: [], reversed: false, scale: "log" } as const;
    const style = { headings: "slash", decimalMark: "comma" } as const;
    const scale = chosenScale({ ...axis, range: { kind: "fill" } }, [-3, 40], 6, style);
    expect(scale.from).toBeGreaterThan(0);
    expect(scale.to).toBeGreaterThanOrEqual(40);
    expect(labels(scale).join()).not.toMatch(/NaN|\d\.\d/);
  });

  test("ends by hand that make no sense are passed over", () => {
    const axis = { name: "", symbol: [], unit: [], reversed: false } as const;
    const style = { headings: "slash", decimalMark: "point" } as const;
    const hand = { kind: "hand", from: 5, to: 1 } as const;
    const scale = chosenScale({ ...axis, scale: "linear", range: hand }, [0, 9], 6, style);
    expect([scale.from, scale.to]).toEqual([0, 10]);
  });
});
