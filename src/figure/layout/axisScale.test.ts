import { plainRunText } from "@/core/unit/runText";
import fc from "fast-check";
import { fillThePaper } from "./axisScale";

const labels = (low: number, high: number, most = 8) =>
  fillThePaper(low, high, most).ticks.map(({ label }) => plainRunText(label));

describe("the axis that fills the paper", () => {
  test("ticks at 2 × 10ⁿ with even decimals", () => {
    expect(labels(0.008, 0.125)).toEqual([
      "0.00",
      "0.02",
      "0.04",
      "0.06",
      "0.08",
      "0.10",
      "0.12",
      "0.14",
    ]);
  });

  test("zero is left out when the readings are far from it", () => {
    expect(labels(20.13, 20.9)[0]).toBe("20.1");
  });

  test("negative ticks carry a minus sign and zero none", () => {
    expect(labels(-1, 1, 4)).toEqual(["−1.0", "−0.5", "0.0", "0.5", "1.0"]);
  });

  test("one place only still gives an axis around it", () => {
    const { from, to } = fillThePaper(3, 3, 6);
    expect(from).toBeLessThan(3);
    expect(to).toBeGreaterThan(3);
  });

  test("small and large numbers move their power of ten to the label", () => {
    const small = fillThePaper(1e-6, 5e-6, 6);
    expect(small.power).toBe(-6);
    expect(plainRunText(small.ticks.at(-1)!.label)).toBe("5");
    expect(fillThePaper(0, 4.2e7, 6).power).toBe(6);
  });

  test("whatever is plotted lies on the paper, between evenly spaced ticks", () => {
    const size = fc.double({ min: -1e12, max: 1e12, noNaN: true, noDefaultInfinity: true });
    fc.assert(
      fc.property(size, size, fc.integer({ min: 2, max: 20 }), (a, b, most) => {
        fc.pre(Math.abs(a - b) > 1e-9 * Math.max(Math.abs(a), Math.abs(b), 1e-90) || a === b);
        fc.pre([a, b].every((value) => value === 0 || Math.abs(value) > 1e-100));
        const low = Math.min(a, b);
        const high = Math.max(a, b);
        const scale = fillThePaper(low, high, most);
        const room = 1e-6 * (scale.to - scale.from);
        expect(scale.from).toBeLessThanOrEqual(low + room);
        expect(scale.to).toBeGreaterThanOrEqual(high - room);
        expect(scale.ticks.length).toBeLessThanOrEqual(most + 3);
        expect(new Set(scale.ticks.map(({ label }) => plainRunText(label))).size).toBe(
          scale.ticks.length,
        );
        for (const { label } of scale.ticks) expect(plainRunText(label)).toMatch(/^−?\d+(\.\d+)?$/);
      }),
      { seed: 20261123 },
    );
  });
});
