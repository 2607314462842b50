import { plainRule } from "../../../tests/fixtures/plainRule";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { layFrame } from "../layout/frame";
import { placeTriangle } from "../layout/trianglePlace";
import { placeWords } from "../layout/words";
import type { PathShape, Shape } from "../scene";
import type {
  BandSpecification,
  FigureSpecification,
  LineSpecification,
  TriangleSpecification,
} from "../specification";
import { bands } from "./bands";

const document = plainRule();
const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
const plain = figureSpecification(document.figures.main!, 1, fit, document.houseRules);

function drawn(series: { lines?: LineSpecification[]; bands?: BandSpecification[] }) {
  const only = { ...plain.series[0]!, lines: [], bands: [], ...series };
  const figure: FigureSpecification = { ...plain, series: [only] };
  const frame = layFrame(figure);
  return { frame, shapes: bands(figure, frame, placeWords(figure, frame)) };
}

/** The places of a path as pairs of numbers. */
function placesOf(shape: Shape | undefined): (readonly [number, number])[] {
  const { path } = shape as PathShape;
  return path.flatMap((one) => ("x" in one ? [[one.x, one.y] as const] : []));
}

const band: BandSpecification = {
  kind: "confidence",
  slope: 10,
  intercept: 0.1,
  centre: 0.06,
  atCentre: 0.0004,
  ofSlope: 1,
  t: 2,
};

describe("bands", () => {
  test("stay on the paper however wide they are", () => {
    const { frame, shapes } = drawn({ bands: [{ ...band, atCentre: 100 }] });
    for (const [x, y] of placesOf(shapes[0])) {
      expect(x).toBeGreaterThanOrEqual(frame.left - 0.01);
      expect(x).toBeLessThanOrEqual(frame.right + 0.01);
      expect(y).toBeGreaterThanOrEqual(frame.top - 0.01);
      expect(y).toBeLessThanOrEqual(frame.bottom + 0.01);
    }
  });

  test("a confidence band is narrowest at its centre", () => {
    const { frame, shapes } = drawn({ bands: [band] });
    const places = placesOf(shapes[0]);
    const half = places.length / 2;
    const width = (i: number) => places[places.length - 1 - i]![1] - places[i]![1];
    const at = (x: number) =>
      places.slice(0, half).findIndex(([across]) => across >= frame.across(x));
    expect(width(at(0.06))).toBeLessThan(width(at(0.11)));
    expect(width(at(0.06))).toBeLessThan(width(at(0.02)));
  });

  test("a prediction band breaks off where it leaves the paper", () => {
    const { frame, shapes } = drawn({ bands: [{ ...band, kind: "prediction", slope: 40 }] });
    const levels = placesOf(shapes[0]).map(([, y]) => y);
    expect(Math.min(...levels)).toBeGreaterThanOrEqual(frame.top);
    expect(levels.filter((y) => y === frame.top).length).toBeLessThan(3);
    expect(
      drawn({ bands: [{ ...band, kind: "prediction", intercept: 900 }] }).shapes,
    ).toMatchObject([{ path: [] }]);
  });

  test("the wedges reach no further than the shorter of the two lines", () => {
    const lines: LineSpecification[] = [
      { role: "steepest", slope: 13, intercept: 0, reach: { from: 0.02, to: 0.1 } },
      { role: "shallowest", slope: 11, intercept: 0.1 },
    ];
    const { frame, shapes } = drawn({ lines });
    const xs = placesOf(shapes[0]).map(([x]) => x);
    expect(Math.min(...xs)).toBeCloseTo(frame.across(0.02), 1);
    expect(Math.max(...xs)).toBeCloseTo(frame.across(0.1), 1);
  });
});

describe("words of the slope triangle", () => {
  const place = (part: Partial<TriangleSpecification>, reversed = false) => {
    const triangle: TriangleSpecification = {
      from: 0.02,
      to: 0.1,
      slope: 12,
      intercept: 0,
      ...part,
      across: [{ text: "across" }],
      up: [{ text: "up" }],
    };
    const figure = { ...plain, x: { ...plain.x, reversed }, triangle };
    return placeTriangle(figure, layFrame(figure))!;
  };

  test("stand below the level side of a rising line, above that of a falling one", () => {
    const rising = place({});
    expect(rising.words[0]!.box.y).toBeGreaterThan(rising.corners[0]![1]);
    const falling = place({ slope: -12, intercept: 1.4 });
    const { y, height } = falling.words[0]!.box;
    expect(y + height).toBeLessThan(falling.corners[0]![1]);
  });

  test("stand outside the upright side, also where the axis runs backwards", () => {
    const plainly = place({});
    expect(plainly.words[1]!.box.x).toBeGreaterThan(plainly.corners[2]![0]);
    const backwards = place({}, true);
    const { x, width } = backwards.words[1]!.box;
    expect(x + width).toBeLessThan(backwards.corners[2]![0]);
  });

  test("are kept on the paper", () => {
    const { words } = place({ from: 0, to: 0.14 });
    const frame = layFrame(plain);
    for (const { box } of words) {
      expect(box.x + box.width).toBeLessThanOrEqual(frame.right + 0.01);
      expect(box.y + box.height).toBeLessThanOrEqual(frame.bottom + 0.01);
    }
  });
});
