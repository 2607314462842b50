import fc from "fast-check";
import { fitFixedIntercept, fitFixedSlope, fitThroughPoint } from "./constrainedLine";
import type { LineFit, LineOutcome } from "./lineFit";
import { fitOrdinaryLine } from "./ordinaryLine";
import { crossingOf, xAtY, yAtX } from "./readOff";
import { fitWeightedLine } from "./weightedLine";
import { fitYorkLine } from "./yorkLine";

function line(outcome: LineOutcome): LineFit {
  if (outcome.kind === "no-line") throw new Error(outcome.finding.name);
  return outcome.line;
}

const x = [1, 2, 3, 4, 5, 6];
const y = [2.1, 3.9, 6.2, 7.8, 10.1, 12.2];
const all = (value: number) => x.map(() => value);

describe("weighted lines", () => {
  test("equal bars give the ordinary line, whatever their size", () => {
    const plain = line(fitOrdinaryLine(x, y));
    for (const size of [0.01, 1, 100]) {
      const weighted = line(fitWeightedLine(x, y, all(size)));
      expect(weighted.slope).toBeCloseTo(plain.slope, 12);
      expect(weighted.intercept).toBeCloseTo(plain.intercept, 12);
      expect(weighted.standardErrorOfSlope).toBeCloseTo(size / Math.sqrt(17.5), 12);
    }
  });

  test("a reading without ± is refused with its reason", () => {
    const outcome = fitWeightedLine(x, y, [0.1, 0, 0.1, 0.1, 0.1, 0.1]);
    expect(outcome).toMatchObject({ kind: "no-line", finding: { name: "bar-of-zero" } });
    expect(fitYorkLine(x, y, all(0), all(0)).kind).toBe("no-line");
  });

  test("without bars in x, both ways agree", () => {
    const sigma = [0.1, 0.2, 0.1, 0.3, 0.1, 0.2];
    const [york, weighted] = [
      line(fitYorkLine(x, y, all(0), sigma)),
      line(fitWeightedLine(x, y, sigma)),
    ];
    expect(york.slope).toBeCloseTo(weighted.slope, 12);
    expect(york.chiSquare).toBeCloseTo(weighted.chiSquare!, 10);
  });

  test("x and y changed about, the line with both bars is the same line", () => {
    const [sx, sy] = [all(0.1), [0.1, 0.2, 0.1, 0.3, 0.1, 0.2]];
    const there = line(fitYorkLine(x, y, sx, sy));
    const back = line(fitYorkLine(y, x, sy, sx));
    expect(back.slope).toBeCloseTo(1 / there.slope, 10);
    expect(back.intercept).toBeCloseTo(-there.intercept / there.slope, 10);
  });

  test("scaling and moving the readings does to the line what algebra says", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        fc.double({ min: -100, max: 100, noNaN: true }),
        (scale, shift) => {
          const sigma = [0.1, 0.2, 0.1, 0.3, 0.1, 0.2];
          const before = line(fitYorkLine(x, y, all(0.05), sigma));
          const after = line(
            fitYorkLine(
              x.map((value) => value + shift),
              y.map((value) => value * scale),
              all(0.05),
              sigma.map((value) => value * scale),
            ),
          );
          expect(after.slope / (before.slope * scale)).toBeCloseTo(1, 9);
          const intercept = scale * (before.intercept - before.slope * shift);
          expect(Math.abs(after.intercept - intercept)).toBeLessThan(
            1e-7 * (1 + Math.abs(intercept)),
          );
        },
      ),
      { seed: 21, numRuns: 200 },
    );
  });
});

describe("lines that are held", () => {
  test("through zero, through a point, with a slope", () => {
    expect(line(fitFixedIntercept([1, 2], [2, 4], 0)).slope).toBe(2);
    const held = line(fitThroughPoint(x, y, { x: 3, y: 6 }));
    expect(held.slope * 3 + held.intercept).toBeCloseTo(6, 12);
    const given = line(fitFixedSlope(x, y, 2));
    expect(given.intercept).toBeCloseTo(y.reduce((sum, value) => sum + value, 0) / 6 - 7, 12);
    expect(given.standardErrorOfSlope).toBe(0);
  });

  test("one reading at zero tells nothing of a slope through zero", () => {
    expect(fitFixedIntercept([0], [0], 0).kind).toBe("no-line");
    expect(fitFixedSlope([], [], 1).kind).toBe("no-line");
  });
});

describe("reading off a line", () => {
  const fitted = line(fitOrdinaryLine(x, y));

  test("there and back again", () => {
    const up = yAtX(fitted, 3.5);
    expect(xAtY(fitted, up.value)!.value).toBeCloseTo(3.5, 12);
    expect(xAtY(fitted, up.value)!.uncertainty).toBeCloseTo(up.uncertainty! / fitted.slope, 12);
  });

  test("it is least sure far from the readings", () => {
    expect(yAtX(fitted, 20).uncertainty!).toBeGreaterThan(yAtX(fitted, 3.5).uncertainty!);
    expect(yAtX(fitted, 3.5, 0.1).uncertainty!).toBeGreaterThan(yAtX(fitted, 3.5).uncertainty!);
  });

  test("two lines cross where both have the same y; parallel ones nowhere", () => {
    const other = line(fitOrdinaryLine(x, [12, 10.1, 8, 5.9, 4.1, 2]));
    const found = crossingOf(fitted, other);
    if (found.kind !== "crossing") throw new Error("none");
    expect(yAtX(other, found.x.value).value).toBeCloseTo(found.y.value, 12);
    expect(found.x.uncertainty).toBeGreaterThan(0);
    expect(crossingOf(fitted, fitted).kind).toBe("none");
  });
});
