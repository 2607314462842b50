import fc from "fast-check";
import { plainLook } from "@/investigation/model/figure";
import type { AxisSpecification, FigureSpecification, PointsSpecification } from "../specification";
import { emptiestPlace, obstaclesOf } from "./emptiestPlace";
import { layFrame } from "./frame";
import { crowdOf, layoutFigure, layoutWithoutCrowd } from "./layoutFigure";
import { visiblePlaces } from "./visiblePlaces";

const axis: AxisSpecification = {
  name: "",
  symbol: [{ text: "x" }],
  unit: [],
  reversed: false,
  scale: "linear",
  range: { kind: "fill" },
};

/** A swinging curve of so many points, with one far above the rest. */
function points(count: number, spike = count >> 1): PointsSpecification {
  const x = Float64Array.from({ length: count }, (_, i) => i);
  const y = x.map((i) => Math.sin(i / 500) + (i === spike ? 9 : 0));
  const none = { up: new Float64Array(count), down: new Float64Array(count) };
  return { x, y, xBars: none, yBars: none, aside: { x: [], y: [] } };
}

function figure(all: readonly PointsSpecification[]): FigureSpecification {
  return {
    width: 482,
    height: 340,
    textSize: 8,
    labels: [],
    x: axis,
    y: axis,
    look: plainLook,
    style: { headings: "slash", decimalMark: "point" },
    series: all.map((one, seriesNumber) => ({
      name: all.length > 1 ? `series ${seriesNumber}` : "",
      seriesNumber,
      points: one,
      bands: [],
      lines: [{ role: "best", slope: 0, intercept: 0 }],
    })),
  };
}

describe("thousands of points", () => {
  test("drawn by themselves they are the very shapes that the whole scene has", () => {
    const crowded = figure([points(8000)]);
    const roles = new Set(["points", "points-aside", "error-bars"]);
    const whole = layoutFigure(crowded).shapes.filter(({ role }) => roles.has(role));
    expect(crowdOf(crowded)).toEqual(whole);
    const rest = layoutWithoutCrowd(crowded).shapes;
    expect(rest.some(({ role }) => roles.has(role))).toBe(false);
    expect(rest.length + whole.length).toBe(layoutFigure(crowded).shapes.length);
  });

  test("the one that stands out is among those that are drawn", () => {
    const crowded = figure([points(50_000, 31_234)]);
    const frame = layFrame(crowded);
    const { x, y } = crowded.series[0]!.points;
    const kept = visiblePlaces(x, y, frame);
    expect(kept).toContain(31_234);
    expect(kept.length).toBeLessThan(20_000);
  });

  test("words go where they cover no more than in any corner", () => {
    const frame = layFrame(figure([points(100)]));
    const { left, right, top, bottom, textSize } = frame;
    const size = { width: 90, height: 40 };
    const margin = 0.6 * textSize;
    const place = (from: number, to: number) =>
      fc.double({ min: from - 50, max: to + 50, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(place(left, right), place(top, bottom))), (obstacles) => {
        const over = (at: number, from: number, length: number) =>
          at > from - margin + 1e-6 && at < from + length + margin - 1e-6;
        const covered = ({ x, y }: { x: number; y: number }) =>
          obstacles.filter(([a, b]) => over(a, x, size.width) && over(b, y, size.height)).length;
        const box = emptiestPlace(size, frame, obstacles, []);
        const [x, y] = [right - margin - size.width, bottom - margin - size.height];
        for (const corner of [
          { x: left + margin, y: top + margin },
          { x, y: top + margin },
          { x: left + margin, y },
          { x, y },
        ]) {
          expect(covered(box)).toBeLessThanOrEqual(covered(corner));
        }
      }),
    );
  });

  test("a legend beside five crowds covers few of their points", () => {
    const crowded = figure([0, 1, 2, 3, 4].map(() => points(9000)));
    const frame = layFrame(crowded);
    const obstacles = obstaclesOf(crowded, frame);
    expect(obstacles.length).toBeLessThan(9000);
    const box = emptiestPlace({ width: 60, height: 50 }, frame, obstacles, []);
    const covered = obstacles.filter(
      ([x, y]) => x > box.x && x < box.x + 60 && y > box.y && y < box.y + 50,
    );
    expect(covered.length).toBeLessThan(obstacles.length / 50);
  });

  test("the ends of the axes are those of every point, however often they are asked for", () => {
    const crowded = figure([points(6000)]);
    const first = layFrame(crowded);
    const again = layFrame({ ...crowded, width: 600 });
    expect(again.yScale.from).toBe(first.yScale.from);
    expect(first.yScale.to).toBeGreaterThanOrEqual(9);
  });
});

describe("strokes", () => {
  const strokes = (textSize: number) =>
    layoutFigure({ ...figure([points(5)]), textSize }).shapes.flatMap((shape) =>
      shape.kind === "path" && shape.strokeWidth ? [shape.strokeWidth] : [],
    );

  test("grow with the text, so that a slide looks like the report", () => {
    const report = strokes(8);
    const slide = strokes(16);
    expect(slide.length).toBe(report.length);
    slide.forEach((width, i) => expect(width).toBeCloseTo(2 * report[i]!, 2));
  });
});
