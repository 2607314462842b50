import { fillThePaper } from "@/figure/layout/axisScale";
import { logScale } from "@/figure/layout/logScale";
import { panned, readOffText, stretched, typedEnd } from "./axisRange";

const scale = fillThePaper(0, 10, 6);

describe("an axis under the hand", () => {
  test("is moved by a part of itself", () => {
    expect(panned(scale, 0.1)).toEqual({ from: 1, to: 11 });
  });

  test("is stretched about a place that stays", () => {
    expect(stretched(scale, 2, 0)).toEqual({ from: 0, to: 20 });
    expect(stretched(scale, 0.5, 1)).toEqual({ from: 5, to: 10 });
  });

  test("a logarithmic one moves by factors and never reaches zero", () => {
    const log = logScale(1, 100, 6, false);
    expect(panned(log, -0.5).from).toBeCloseTo(0.1, 12);
    expect(panned(log, -5).from).toBeGreaterThan(0);
  });

  test.each([
    [0.123456789, 0, 1, "0.123"],
    [-1e-17, -1, 1, "0"],
    [123456.7, 0, 1e6, "123457"],
    [1.00004e-7, 0, 1e-6, "1e-7"],
  ])("%d on an axis from %d to %d is typed as %s", (value, from, to, text) => {
    expect(typedEnd(value, { from, to })).toBe(text);
  });
});

describe("reading off", () => {
  test.each([
    [0.12345, 0.001, "0.123"],
    [12.3456, 0.1, "12.3"],
    [1e-9, 0.01, "0"],
    [-4.567, 0.05, "−4.57"],
  ])("%d where a place tells %d apart is %s", (value, grain, text) => {
    expect(readOffText(value, grain).mantissa).toBe(text);
  });
});
