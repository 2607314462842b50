import { leverages } from "./leverage";
import { bandAt, bandHalves, lineBands } from "./lineIntervals";
import { lineSums } from "./lineSums";
import { missedBoxes } from "./missedBoxes";
import { fitOrdinaryLine } from "./ordinaryLine";
import { fitWeightedLine } from "./weightedLine";

const x = [1, 2, 3, 4, 5];
const y = [2.1, 3.9, 6.2, 7.8, 10.1];

function line(outcome: ReturnType<typeof fitOrdinaryLine>) {
  if (outcome.kind === "no-line") throw new Error(outcome.finding.name);
  return outcome.line;
}

describe("leverage", () => {
  test("is 0.6, 0.3, 0.2, 0.3, 0.6 for five even steps, and 2 together", () => {
    const found = Array.from(leverages(x)!);
    [0.6, 0.3, 0.2, 0.3, 0.6].forEach((h, i) => expect(found[i]).toBeCloseTo(h, 12));
    expect(found.reduce((sum, h) => sum + h)).toBeCloseTo(2, 12);
  });

  test("a heavy point holds the line; weights all alike change nothing", () => {
    expect(leverages(x, [1, 1, 1, 1, 1000])![4]).toBeGreaterThan(0.99);
    expect(
      leverages(
        x,
        x.map(() => 7),
      )![0],
    ).toBeCloseTo(0.6, 12);
    expect(leverages([3, 3], [1, 1])).toBeUndefined();
  });
});

test("the sums that the slope is worked out from by hand", () => {
  const sums = lineSums(x, y);
  expect(sums).toMatchObject({ n: 5, x: 15, xx: 55 });
  const slope = (sums.n * sums.xy - sums.x * sums.y) / (sums.n * sums.xx - sums.x ** 2);
  expect(slope).toBeCloseTo(line(fitOrdinaryLine(x, y)).slope, 12);
});

describe("bands", () => {
  test("are narrowest over the mean, and as Draper and Smith have them", () => {
    const fitted = line(fitOrdinaryLine(x, y));
    const s = fitted.residualStandardDeviation!;
    const t = 3.182446;
    expect(bandAt(fitted, 3, 0.95).confidence).toBeCloseTo(t * s * Math.sqrt(1 / 5), 6);
    expect(bandAt(fitted, 5, 0.95).confidence).toBeCloseTo(t * s * Math.sqrt(0.6), 6);
    expect(bandAt(fitted, 5, 0.95).prediction).toBeCloseTo(t * s * Math.sqrt(1.6), 6);
  });

  test("of a weighted line come from its covariance, and far from zero lose no digit", () => {
    const sigma = [0.1, 0.1, 0.2, 0.2, 0.1];
    const near = line(fitWeightedLine(x, y, sigma));
    const far = line(
      fitWeightedLine(
        x.map((value) => value + 1000),
        y,
        sigma,
      ),
    );
    const half = bandHalves(lineBands(near, 0.95)!, 4).confidence;
    expect(bandHalves(lineBands(far, 0.95)!, 1004).confidence).toBeCloseTo(half, 6);
    const direct =
      near.standardErrorOfIntercept! ** 2 +
      16 * near.standardErrorOfSlope! ** 2 +
      8 * near.covariance!;
    expect(half).toBeCloseTo(3.182446 * Math.sqrt(direct), 6);
  });

  test("two points have none", () => {
    expect(lineBands(line(fitOrdinaryLine([1, 2], [1, 2])), 0.95)).toBeUndefined();
  });
});

describe("boxes that a line passes by", () => {
  const even = (size: number) => x.map(() => size);
  const boxes = { x, y: x, xDown: even(0.2), xUp: even(0.2), yDown: even(0.1), yUp: even(0.1) };

  test("none where it goes through every middle or touches every corner", () => {
    expect(missedBoxes(boxes, { slope: 1, intercept: 0 })).toEqual([]);
    expect(missedBoxes(boxes, { slope: 1, intercept: 0.3 })).toEqual([]);
    expect(missedBoxes(boxes, { slope: 1, intercept: -0.3 })).toEqual([]);
  });

  test("all where it lies beyond the corners, some where it is turned, also falling", () => {
    expect(missedBoxes(boxes, { slope: 1, intercept: 0.31 })).toEqual([0, 1, 2, 3, 4]);
    expect(missedBoxes(boxes, { slope: 0.8, intercept: 0.6 })).toEqual([0, 4]);
    expect(missedBoxes(boxes, { slope: -1, intercept: 6 })).toEqual([0, 1, 3, 4]);
  });
});
