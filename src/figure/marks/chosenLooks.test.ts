import {
  evenBars,
  plainAxis,
  plainSpecification,
} from "../../../tests/fixtures/plainSpecification";
import { outlinesOf, pathsOf } from "../../../tests/fixtures/sceneParts";
import { plainRunText } from "@/core/unit/runText";
import { plainLook } from "@/investigation/model/figure";
import { layFrame } from "../layout/frame";
import { layoutFigure } from "../layout/layoutFigure";
import { seriesColours } from "../palette";
import type { Scene, ShapeRole } from "../scene";
import type {
  AxisSpecification,
  FigureSpecification,
  SeriesLookSpecification,
} from "../specification";

const bars = (size: number) => evenBars([size, size, size]);

const figure: FigureSpecification = {
  ...plainSpecification(plainAxis("overhang", "L", "m"), plainAxis("load", "F", "N"), {
    x: [1, 2, 3],
    y: [2, 4, 6],
    xBars: bars(0.2),
    yBars: bars(0.5),
    aside: { x: [2.5], y: [5.5] },
  }),
  look: { ...plainLook, grid: "none" },
};

const path = (scene: Scene, role: ShapeRole) => pathsOf(scene, role)[0]!;
const outline = (scene: Scene, role: ShapeRole) => outlinesOf(scene, role)[0]!;

const seriesWith = (own: SeriesLookSpecification) =>
  layoutFigure({ ...figure, series: [{ ...figure.series[0]!, own }] });

const strokes = (d: string) => d.match(/M/g)?.length ?? 0;

describe("bars", () => {
  const along = (barsAlong: "both" | "up" | "across") =>
    strokes(
      outline(layoutFigure({ ...figure, look: { ...figure.look, barsAlong } }), "error-bars"),
    );

  test("across only, up only, or both, with two caps each", () => {
    expect(along("both")).toBe(3 * 6);
    expect(along("up")).toBe(3 * 3);
    expect(along("across")).toBe(3 * 3);
  });

  test("that run beyond the paper have no cap there", () => {
    const y = { ...figure.y, range: { kind: "hand", from: 0, to: 6.2 } as const };
    const look = { ...figure.look, barsAlong: "up" } as const;
    expect(strokes(outline(layoutFigure({ ...figure, y, look }), "error-bars"))).toBe(3 * 3 - 1);
  });
});

describe("the look of one series", () => {
  test("its marker, colour and dashes are those chosen; without a choice nothing changes", () => {
    const proposed = layoutFigure(figure);
    expect(seriesWith({})).toEqual(proposed);
    const chosen = seriesWith({ marker: "cross", colour: "plum", stroke: "dashed" });
    expect(path(chosen, "points").fill).toBe(seriesColours[2]);
    expect(outline(chosen, "points").match(/L/g)).toHaveLength(3 * 11);
    expect(path(proposed, "best-line").dash).toBeUndefined();
    expect(path(chosen, "best-line").dash).toHaveLength(2);
  });

  test("hollow points are told from those that are set aside by a stroke through these", () => {
    const hollow = seriesWith({ hollow: true });
    expect(path(hollow, "points").fill).toBe("#FFFFFF");
    const [taking, aside] = [outline(hollow, "points"), outline(hollow, "points-aside")];
    expect(strokes(taking)).toBe(3);
    expect(strokes(aside)).toBe(2);
  });

  test("words for the legend stand there even for one series", () => {
    const words = seriesWith({ legend: "steel" }).shapes.flatMap((shape) =>
      shape.kind === "text" && shape.role === "legend" ? [plainRunText(shape.runs)] : [],
    );
    expect(words).toEqual(["steel"]);
  });
});

describe("sizes of letters", () => {
  test("are those typed, in points, and everything keeps its room", () => {
    const letters = { numbers: 14, words: 16 };
    const scene = layoutFigure({ ...figure, letters });
    const sizes = (role: ShapeRole) =>
      new Set(
        scene.shapes.flatMap((one) =>
          one.kind === "text" && one.role === role ? one.runs.map(({ size }) => size) : [],
        ),
      );
    expect([...sizes("tick-label")]).toEqual([14]);
    expect([...sizes("axis-label")].map(Math.round)).toEqual([16]);
    const [wide, usual] = [layFrame({ ...figure, letters }), layFrame(figure)];
    expect(wide.left).toBeGreaterThan(usual.left);
    expect(wide.bottom).toBeLessThan(usual.bottom);
  });
});

describe("numbers of an axis", () => {
  const numbersOf = (axis: Partial<AxisSpecification>) => {
    const x = { ...figure.x, range: { kind: "hand", from: 0, to: 5000, step: 1250 } as const };
    const { xScale } = layFrame({ ...figure, x: { ...x, ...axis } });
    const labels = xScale.ticks.map(({ label }) => plainRunText(label));
    return { labels, power: xScale.power };
  };

  test("in full, in one power that the label states, or each in its own", () => {
    expect(numbersOf({ numbers: "plain" }).labels).toEqual(["0", "1250", "2500", "3750", "5000"]);
    const shared = { labels: ["0.00", "1.25", "2.50", "3.75", "5.00"], power: 3 };
    expect(numbersOf({ numbers: "shared" })).toEqual(shared);
    const each = ["0", "1.25×10³", "2.50×10³", "3.75×10³", "5.00×10³"];
    expect(numbersOf({ numbers: "each" })).toEqual({ labels: each, power: 0 });
  });

  test("have the decimals that were asked for, and never fewer than their ticks need", () => {
    const range = { kind: "hand", from: 0, to: 1, step: 0.25 } as const;
    expect(numbersOf({ range, decimals: 1 }).labels.slice(0, 3)).toEqual(["0.00", "0.25", "0.50"]);
    const whole = { kind: "hand", from: 0, to: 12, step: 2 } as const;
    expect(numbersOf({ range: whole, decimals: 1 }).labels.at(-1)).toBe("12.0");
  });

  test("of a logarithmic axis in full", () => {
    const range = { kind: "hand", from: 0.0001, to: 1e6 } as const;
    const { labels } = numbersOf({ range, scale: "log", numbers: "plain" });
    expect(labels[0]).toBe("0.0001");
    expect(labels.at(-1)).toBe("1000000");
  });
});
