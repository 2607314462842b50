import {
  evenBars,
  plainAxis,
  plainSpecification,
} from "../../../tests/fixtures/plainSpecification";
import { outlinesOf, pathsOf, textsOf } from "../../../tests/fixtures/sceneParts";
import { plainLook } from "@/investigation/model/figure";
import { captionLines } from "../layout/captionLines";
import { layoutFigure } from "../layout/layoutFigure";
import { palette } from "../palette";
import type { Scene, ShapeRole } from "../scene";
import type { FigureSpecification, LookSpecification } from "../specification";

const x = [1, 2, 3, 4];
const y = [2, 4.2, 5.9, 8.1];
const figure = plainSpecification(plainAxis("length", "l", "m"), plainAxis("time", "t", "s"), {
  x,
  y,
  xBars: evenBars(x.map(() => 0.1)),
  yBars: evenBars(x.map(() => 0.4)),
  aside: { x: [], y: [] },
});

const drawn = (
  change: Partial<LookSpecification>,
  rest: Partial<FigureSpecification> = {},
): Scene => layoutFigure({ ...figure, ...rest, look: { ...plainLook, ...change } });

const outline = (scene: Scene, role: ShapeRole) => outlinesOf(scene, role)[0] ?? "";

describe("every look of a figure", () => {
  test("black on white has no colour left in it", () => {
    const scene = drawn({ style: "print", band: true });
    for (const shape of scene.shapes) {
      const colours = shape.kind === "text" ? [shape.fill] : [shape.fill, shape.stroke];
      for (const colour of colours.filter((one) => one !== undefined)) {
        expect(colour).toMatch(/^#(..)\1\1$/);
      }
    }
  });

  test("bars with caps, without, as boxes, as ellipses, or none", () => {
    const count = (scene: Scene, command: RegExp) =>
      outline(scene, "error-bars").match(command)?.length ?? 0;
    expect(count(drawn({ bars: "capped" }), /M/g)).toBe(4 * 6);
    expect(count(drawn({ bars: "plain" }), /M/g)).toBe(4 * 2);
    expect(count(drawn({ bars: "boxes" }), /Z/g)).toBe(4);
    expect(count(drawn({ bars: "ellipses" }), /C/g)).toBe(4 * 4);
    expect(pathsOf(drawn({ bars: "none" }), "error-bars")).toEqual([]);
  });

  test("only what is uncertain is magenta", () => {
    const uncertain = new Set(["error-bars", "steepest-line", "shallowest-line"]);
    const lines = [
      { role: "best", slope: 2, intercept: 0 },
      { role: "steepest", slope: 2.1, intercept: -0.2 },
      { role: "shallowest", slope: 1.9, intercept: 0.2 },
    ] as const;
    const scene = drawn({}, { series: [{ ...figure.series[0]!, lines }] });
    for (const shape of scene.shapes) {
      const magenta = shape.kind === "path" && shape.stroke === palette.magenta;
      expect(magenta).toBe(uncertain.has(shape.role));
    }
    expect(pathsOf(scene, "steepest-line")[0]!.dash).not.toEqual(
      pathsOf(scene, "shallowest-line")[0]!.dash,
    );
    expect(pathsOf(scene, "best-line")[0]!.dash).toBeUndefined();
  });

  test("ruling coarse, fine or none", () => {
    expect(pathsOf(drawn({ grid: "none" }), "major-grid")).toEqual([]);
    expect(pathsOf(drawn({ grid: "major" }), "minor-grid")).toEqual([]);
    expect(pathsOf(drawn({ grid: "paper" }), "minor-grid")).toHaveLength(1);
  });

  test("ticks reach out, in or across; a frame closes the paper; arrows end the axes", () => {
    const ticks = (["outside", "inside", "across"] as const).map((kind) =>
      outline(drawn({ ticks: kind }), "ticks"),
    );
    expect(new Set(ticks).size).toBe(3);
    expect(outline(drawn({ frame: true }), "axis").match(/M/g)).toHaveLength(4);
    expect(outlinesOf(drawn({ arrows: true }), "axis")[1]!.match(/Z/g)).toHaveLength(2);
  });

  test("axes that stand off leave the drawing area smaller", () => {
    const bottom = (scene: Scene) => scene.spots.find(({ kind }) => kind === "y-axis")!;
    expect(bottom(drawn({ gap: true })).height).toBeLessThan(bottom(drawn({})).height);
  });

  test("a guide goes through every point and never beyond them; stretches are straight", () => {
    const straight = outline(drawn({ join: "segments" }), "join");
    expect(straight.match(/L/g)).toHaveLength(3);
    expect(outline(drawn({ join: "guide" }), "join")).toMatch(/C/);
    expect(pathsOf(drawn({}), "join")).toEqual([]);
    expect(pathsOf(drawn({ band: true }), "band")).toHaveLength(1);
  });

  test("larger points and thicker lines are larger and thicker", () => {
    expect(outline(drawn({ markers: "large" }), "points")).not.toBe(
      outline(drawn({ markers: "small" }), "points"),
    );
    const width = (line: LookSpecification["line"]) =>
      pathsOf(drawn({ line }), "best-line")[0]!.strokeWidth!;
    expect(width("thick")).toBeGreaterThan(width("medium"));
    expect(width("medium")).toBeGreaterThan(width("thin"));
  });

  test("serif lettering sets numbers and names in the serif face", () => {
    const faces = textsOf(drawn({ lettering: "serif" }), "tick-label").flatMap(({ runs }) =>
      runs.map(({ face }) => face),
    );
    expect(new Set(faces)).toEqual(new Set(["serif"]));
  });
});

describe("axes that run otherwise", () => {
  test("a reversed axis has its greatest value where the least was", () => {
    const at = (reversed: boolean) => {
      const scene = layoutFigure({ ...figure, x: { ...figure.x, reversed } });
      const labels = textsOf(scene, "tick-label").filter(({ x: place }) => place > 60);
      return [...labels].sort((a, b) => a.x - b.x)[0]!.runs[0]!.text;
    };
    expect(Number(at(true))).toBeGreaterThan(Number(at(false)));
  });

  test("points outside ends set by hand are not drawn, and bars end at the edge", () => {
    const range = { kind: "hand", from: 1.5, to: 3.5 } as const;
    const scene = layoutFigure({ ...figure, x: { ...figure.x, range } });
    expect(outline(scene, "points").match(/M/g)).toHaveLength(2);
    expect(outline(scene, "error-bars")).not.toMatch(/NaN|Infinity/);
  });

  test("words of one's own stand along an axis", () => {
    const scene = layoutFigure({ ...figure, x: { ...figure.x, label: "how far it sticks out" } });
    expect(textsOf(scene, "axis-label")[0]!.runs[0]!.text).toBe("how far it sticks out");
  });

  test("a line is bent on a logarithmic axis", () => {
    const scene = layoutFigure({ ...figure, x: { ...figure.x, scale: "log" } });
    expect(outline(scene, "best-line").match(/L/g)!.length).toBeGreaterThan(50);
  });
});

describe("words on the figure", () => {
  const caption = [{ text: "Figure 1. " }, { text: "A long sentence about a rule. ".repeat(12) }];

  test("a long caption is broken into lines within the width, and none is lost", () => {
    const lines = captionLines({ ...figure, caption });
    expect(lines.length).toBeGreaterThan(2);
    const whole = lines
      .flat()
      .map(({ text }) => text)
      .join("");
    expect(whole).toBe(caption.map(({ text }) => text).join(""));
    const scene = layoutFigure({ ...figure, caption });
    for (const { x: from, runs } of textsOf(scene, "caption")) {
      const last = runs.at(-1)!;
      expect(from + last.x).toBeLessThan(figure.width);
    }
  });

  test("the legend covers no point, wherever the points lie", () => {
    const series = [0, 1].map((seriesNumber) => ({
      ...figure.series[0]!,
      name: `wire ${seriesNumber}`,
      seriesNumber,
      lines: [],
    }));
    for (const flip of [false, true]) {
      const turned = series.map((one) => ({
        ...one,
        points: { ...one.points, y: flip ? [...y].reverse() : y },
      }));
      const scene = layoutFigure({ ...figure, series: turned });
      const box = scene.spots.find(({ kind }) => kind === "legend")!;
      const points = [...outline(scene, "points").matchAll(/M([\d.]+) ([\d.]+)/g)];
      for (const [, across, up] of points) {
        const inside =
          Number(across) > box.x &&
          Number(across) < box.x + box.width &&
          Number(up) > box.y &&
          Number(up) < box.y + box.height;
        expect(inside).toBe(false);
      }
    }
  });

  test("a label stands at its place in the axes' units, with an arrow to another", () => {
    const label = { id: "a", text: "bent here", x: 2, y: 6, to: { x: 3, y: 5.9 } };
    const scene = layoutFigure({ ...figure, labels: [label] });
    expect(textsOf(scene, "label")[0]!.runs[0]!.text).toBe("bent here");
    expect(pathsOf(scene, "arrow")).toHaveLength(1);
    const spot = scene.spots.find(({ kind }) => kind === "label")!;
    expect(spot.id).toBe("a");
    const without = layoutFigure({ ...figure, labels: [{ ...label, to: undefined }] });
    expect(pathsOf(without, "arrow")).toEqual([]);
  });

  test("a label dragged off the paper stays on it", () => {
    const scene = layoutFigure({ ...figure, labels: [{ id: "a", text: "far", x: 900, y: -900 }] });
    const spot = scene.spots.find(({ kind }) => kind === "label")!;
    expect(spot.x + spot.width).toBeLessThanOrEqual(figure.width);
    expect(spot.y).toBeGreaterThan(0);
  });

  test("the same figure gives the same scene, byte for byte", () => {
    expect(JSON.stringify(layoutFigure({ ...figure, caption }))).toBe(
      JSON.stringify(layoutFigure({ ...figure, caption })),
    );
  });
});
