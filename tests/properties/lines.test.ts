import fc from "fast-check";
import { curvatureOf } from "@/core/fit/curvature";
import { leverages } from "@/core/fit/leverage";
import { bandHalves, lineBands } from "@/core/fit/lineIntervals";
import { lineSums } from "@/core/fit/lineSums";
import type { ErrorBoxes } from "@/core/fit/linesThroughBoxes";
import { missedBoxes } from "@/core/fit/missedBoxes";
import { fitOrdinaryLine } from "@/core/fit/ordinaryLine";
import { slopeRange } from "@/core/fit/slopeRange";
import { fitWeightedLine } from "@/core/fit/weightedLine";
import { runsTest } from "@/core/statistics/runsTest";

/** As a reading has them: to two decimals. */
const height = fc.integer({ min: -500, max: 500 }).map((value) => value / 100);
const heights = fc.array(height, { minLength: 4, maxLength: 15 });
const places = (count: number) => Array.from({ length: count }, (_, i) => i + 0.1 * (i % 3));

function lineOf(outcome: ReturnType<typeof fitOrdinaryLine>) {
  if (outcome.kind === "no-line") throw new Error(outcome.finding.name);
  return outcome.line;
}

const without = <Item>(all: readonly Item[], index: number) => all.filter((_, i) => i !== index);

function boxesAround(y: readonly number[], size: number): ErrorBoxes {
  const x = places(y.length);
  const even = (length: number) => x.map(() => length);
  const [narrow, tall] = [0.05 * size, size];
  return { x, y, xDown: even(narrow), xUp: even(narrow), yDown: even(tall), yUp: even(tall) };
}

describe("whatever the readings", () => {
  test("steepest and shallowest line miss no box; a line of a slope beyond misses one", () => {
    fc.assert(
      fc.property(heights, fc.double({ min: 5, max: 9, noNaN: true }), (y, size) => {
        const boxes = boxesAround(y, size);
        const found = slopeRange(boxes);
        fc.pre(found.kind === "range");
        expect(missedBoxes(boxes, found.greatest)).toEqual([]);
        expect(missedBoxes(boxes, found.least)).toEqual([]);
        const beyond = found.greatest.slope + 0.01;
        for (let part = -20; part <= 20; part++) {
          const line = { slope: beyond, intercept: found.greatest.intercept + part * 0.2 };
          expect(missedBoxes(boxes, line).length).toBeGreaterThan(0);
        }
      }),
    );
  });

  test("larger bars never miss more", () => {
    fc.assert(
      fc.property(heights, height, height, (y, slope, intercept) => {
        const line = { slope, intercept };
        const small = missedBoxes(boxesAround(y, 1), line);
        const large = new Set(missedBoxes(boxesAround(y, 2), line));
        expect([...large].every((index) => small.includes(index))).toBe(true);
      }),
    );
  });

  test("the sums give the slope that the fit finds", () => {
    fc.assert(
      fc.property(heights, (y) => {
        const x = places(y.length);
        const { n, x: sx, y: sy, xx, xy } = lineSums(x, y);
        const slope = (n * xy - sx * sy) / (n * xx - sx * sx);
        expect(lineOf(fitOrdinaryLine(x, y)).slope).toBeCloseTo(slope, 9);
      }),
    );
  });

  test("leaving a reading out moves the slope as its leverage says", () => {
    fc.assert(
      fc.property(heights, fc.nat(3), (y, index) => {
        const x = places(y.length);
        const whole = lineOf(fitOrdinaryLine(x, y));
        const others = lineOf(fitOrdinaryLine(without(x, index), without(y, index)));
        const held = leverages(x)![index]!;
        const off = y[index]! - whole.slope * x[index]! - whole.intercept;
        const moved = ((x[index]! - whole.meanOfX) * off) / (whole.sumOfSquaresOfX * (1 - held));
        expect(others.slope).toBeCloseTo(whole.slope - moved, 8);
      }),
    );
  });

  test("leverages add up to two, whatever the weights", () => {
    const weights = fc.array(fc.double({ min: 0.01, max: 100, noNaN: true }), {
      minLength: 3,
      maxLength: 20,
    });
    fc.assert(
      fc.property(weights, (all) => {
        const found = leverages(places(all.length), all)!;
        expect(found.reduce((sum, one) => sum + one, 0)).toBeCloseTo(2, 8);
        expect(found.every((one) => one > 0 && one <= 1 + 1e-12)).toBe(true);
      }),
    );
  });

  test("a band is narrowest where height and slope do not depend on each other", () => {
    fc.assert(
      fc.property(heights, fc.double({ min: -30, max: 30, noNaN: true }), (y, x) => {
        const sigma = y.map((_, i) => 0.2 + 0.1 * (i % 4));
        const bands = lineBands(lineOf(fitWeightedLine(places(y.length), y, sigma)), 0.95)!;
        const least = bandHalves(bands, bands.centre).confidence;
        expect(bandHalves(bands, x).confidence).toBeGreaterThanOrEqual(least);
      }),
    );
  });

  test("turning the readings upside down changes neither runs nor bend", () => {
    fc.assert(
      fc.property(heights, (y) => {
        const over = y.map((value) => -value);
        expect(runsTest(over)?.probability ?? 0).toBeCloseTo(runsTest(y)?.probability ?? 0, 12);
        expect(runsTest([...y].reverse())?.runs).toBe(runsTest(y)?.runs);
        const [bend, other] = [
          curvatureOf(places(y.length), y),
          curvatureOf(places(y.length), over),
        ];
        expect(other?.probability ?? 0).toBeCloseTo(bend?.probability ?? 0, 9);
        if (bend) expect(other!.coefficient).toBeCloseTo(-bend.coefficient, 9);
      }),
    );
  });
});
