import fc from "fast-check";
import { endBoxLines } from "./endBoxes";
import { type ErrorBoxes, slopeRange } from "./slopeRange";

type Box = readonly [x: number, y: number, dx: number, dy: number];

function boxesOf(boxes: readonly Box[], scale = 1): ErrorBoxes {
  const part = (index: 0 | 1 | 2 | 3, by = 1) => boxes.map((box) => box[index] * by);
  const [dx, dy] = [part(2, scale), part(3, scale)];
  return { x: part(0), y: part(1), xDown: dx, xUp: dx, yDown: dy, yUp: dy };
}

function meetsAll(boxes: readonly Box[], slope: number, intercept: number, slack = 1e-9): boolean {
  return boxes.every(
    ([x, y, dx, dy]) => Math.abs(y - slope * x - intercept) <= dy + Math.abs(slope) * dx + slack,
  );
}

/** Boxes around a straight line, so that one line meets them all. */
const aroundALine = fc
  .tuple(
    fc.double({ min: -3, max: 3, noNaN: true }),
    fc.double({ min: -2, max: 2, noNaN: true }),
    fc.array(
      fc.record({
        off: fc.double({ min: -1, max: 1, noNaN: true }),
        dx: fc.double({ min: 0, max: 0.3, noNaN: true }),
        dy: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
      }),
      { minLength: 3, maxLength: 12 },
    ),
  )
  .map(([slope, intercept, all]) =>
    all.map(({ off, dx, dy }, i): Box => [i, slope * i + intercept + off * dy, dx, dy]),
  );

/** The intercepts at which a line of a slope meets every box, by looking at each box. */
function interceptsAt(boxes: readonly Box[], slope: number): [number, number] {
  const reach = ([, , dx, dy]: Box) => dy + Math.abs(slope) * dx;
  return [
    Math.max(...boxes.map((box) => box[1] - slope * box[0] - reach(box))),
    Math.min(...boxes.map((box) => box[1] - slope * box[0] + reach(box))),
  ];
}

describe("the slope range through every box", () => {
  test("its lines meet every box, and no line of a slope beyond does", () => {
    fc.assert(
      fc.property(aroundALine, (boxes) => {
        const found = slopeRange(boxesOf(boxes));
        if (found.kind !== "range") throw new Error(found.kind);
        const { greatest, least } = found;
        expect(meetsAll(boxes, greatest.slope, greatest.intercept)).toBe(true);
        expect(meetsAll(boxes, least.slope, least.intercept)).toBe(true);
        for (let i = 0; i <= 200; i++) {
          const slope = -12 + (24 * i) / 200;
          const [low, high] = interceptsAt(boxes, slope);
          if (low > high) continue;
          expect(slope).toBeLessThanOrEqual(greatest.slope + 1e-9);
          expect(slope).toBeGreaterThanOrEqual(least.slope - 1e-9);
        }
      }),
      { seed: 9, numRuns: 300 },
    );
  });

  test("the order of the readings changes nothing, and larger bars never narrow it", () => {
    fc.assert(
      fc.property(aroundALine, fc.double({ min: 1, max: 3, noNaN: true }), (boxes, scale) => {
        const [one, other, grown] = [boxes, [...boxes].reverse(), boxes].map((all, i) =>
          slopeRange(boxesOf(all, i === 2 ? scale : 1)),
        );
        fc.pre(one?.kind === "range" && other?.kind === "range" && grown?.kind === "range");
        expect(other.greatest.slope).toBeCloseTo(one.greatest.slope, 10);
        expect(other.least.slope).toBeCloseTo(one.least.slope, 10);
        expect(grown.greatest.slope).toBeGreaterThanOrEqual(one.greatest.slope - 1e-10);
        expect(grown.least.slope).toBeLessThanOrEqual(one.least.slope + 1e-10);
      }),
      { seed: 10, numRuns: 300 },
    );
  });

  test("moving and scaling the axes moves and scales it", () => {
    const boxes: Box[] = [0, 1, 2, 3].map((i) => [i, 2 * i + (i % 2) * 0.2, 0.05, 0.3]);
    const plain = slopeRange(boxesOf(boxes));
    const moved = slopeRange(
      boxesOf(boxes.map(([x, y, dx, dy]): Box => [x + 1e6, 10 * y - 7, dx, 10 * dy])),
    );
    if (plain.kind !== "range" || moved.kind !== "range") throw new Error("no range");
    expect(moved.greatest.slope / plain.greatest.slope).toBeCloseTo(10, 7);
    expect(moved.least.slope / plain.least.slope).toBeCloseTo(10, 7);
  });

  test("one reading off the line prevents it; it is named with the factor", () => {
    const boxes: Box[] = [0, 1, 2, 3, 4].map((i) => [i, i === 2 ? 3 : i, 0, 0.2]);
    const found = slopeRange(boxesOf(boxes));
    if (found.kind !== "none") throw new Error(found.kind);
    expect(found.factor).toBeCloseTo(2.5, 9);
    expect(found.preventing).toContain(2);
    const grown = boxes.map(([x, y, dx, dy]): Box => [x, y, dx, dy * found.factor]);
    expect(meetsAll(grown, found.line.slope, found.line.intercept)).toBe(true);
  });

  test("no range: one x only, one reading, boxes that overlap without end", () => {
    const name = (boxes: Box[]) => {
      const found = slopeRange(boxesOf(boxes));
      return found.kind === "no-range" ? found.finding.name : found.kind;
    };
    expect(name([[1, 1, 0.1, 0.1]])).toBe("too-few-points");
    expect(name([1, 2].map((y): Box => [3, y, 0.1, 0.1]))).toBe("all-x-equal");
    expect(name([0, 1].map((x): Box => [x, x, 2, 0.1]))).toBe("range-without-end");
    expect(name([0, 1, 2].map((x): Box => [x, x * x, 0, 0]))).toBe("bar-of-zero");
  });
});

describe("through the end boxes", () => {
  test("opposite corners; none where boxes overlap or share their x", () => {
    const boxes: Box[] = [0, 1, 2].map((x) => [x, x, 0.1, 0.2]);
    const found = endBoxLines(boxesOf(boxes), 1)!;
    expect(found.steepest.slope).toBeCloseTo(2.4 / 1.8, 12);
    expect(found.shallowest.slope).toBeCloseTo(1.6 / 2.2, 12);
    expect(endBoxLines(boxesOf(boxes.map(([, y]): Box => [1, y, 0, 0])), 1)).toBeUndefined();
    expect(endBoxLines(boxesOf(boxes.map(([x, y]): Box => [x, y, 2, 0])), 1)).toBeUndefined();
  });
});
