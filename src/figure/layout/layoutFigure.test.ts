import {
  evenBars,
  plainAxis,
  plainSpecification,
} from "../../../tests/fixtures/plainSpecification";
import { outlinesOf, pathsOf, textsOf } from "../../../tests/fixtures/sceneParts";
import { svgText } from "../render/svgText";
import type { Scene, ShapeRole, TextShape } from "../scene";
import type { FigureSpecification } from "../specification";
import { layoutFigure } from "./layoutFigure";
import { textWidth } from "./textWidth";

const figure: FigureSpecification = {
  ...plainSpecification(plainAxis("overhang", "L", "m"), plainAxis("", "T", "s"), {
    x: [0, 1, 2],
    y: [0, 2, 4],
    xBars: evenBars([0.2, 0.2, 0.2]),
    yBars: evenBars([0, 0, 0.5]),
    aside: { x: [], y: [] },
  }),
  title: [{ text: "Figure 1. " }, { text: "T", italic: true }, { text: "2", script: "super" }],
};

function withPoints(points: Partial<FigureSpecification["series"][number]["points"]>) {
  const [only] = figure.series;
  return { ...figure, series: [{ ...only!, points: { ...only!.points, ...points } }] };
}

function withLine(line: { slope: number; intercept: number }) {
  const lines = [{ role: "best" as const, ...line }];
  return { ...figure, series: [{ ...figure.series[0]!, lines }] };
}

const texts = (scene: Scene, role: ShapeRole) =>
  textsOf(scene, role).map(({ runs }) => runs.map(({ text }) => text).join(""));

const outline = (scene: Scene, role: ShapeRole) => outlinesOf(scene, role)[0] ?? "";

describe("a figure as a scene", () => {
  const scene = layoutFigure(figure);

  test("the axis labels say name, symbol and unit", () => {
    expect(texts(scene, "axis-label")).toEqual(["overhang, L / m", "T / s"]);
  });

  test("a name too long for its axis is left out, and nothing leaves the paper", () => {
    const name = "potential difference across the whole constantan wire between both clips";
    const long = layoutFigure({ ...figure, y: { ...figure.y, name }, x: { ...figure.x, name } });
    expect(texts(long, "axis-label")).toEqual([`${name}, L / m`, "T / s"]);
    const endless = layoutFigure({ ...figure, x: { ...figure.x, name: name.repeat(3) } });
    expect(texts(endless, "axis-label")[0]).toBe("L / m");
  });

  test("a very long title is set smaller", () => {
    const { shapes } = layoutFigure({ ...figure, title: [{ text: "against ".repeat(30) }] });
    const [run] = shapes.flatMap((s) => (s.kind === "text" && s.role === "title" ? s.runs : []));
    expect(textWidth(run!.text, run!.face, run!.size)).toBeLessThanOrEqual(figure.width);
  });

  test("one disc a point; a bar and two caps for each ± above zero", () => {
    expect(outline(scene, "points").match(/M/g)).toHaveLength(3);
    expect(outline(scene, "error-bars").match(/M/g)).toHaveLength(3 * 3 + 3);
  });

  test("every text lies on the paper, wide tick labels too", () => {
    const wide = layoutFigure(withPoints({ y: [-91234.5, 2, 41234.5] }));
    for (const shape of wide.shapes) {
      if (shape.kind !== "text" || shape.rotate !== 0) continue;
      for (const run of shape.runs) {
        const left = shape.x + run.x;
        expect(left).toBeGreaterThanOrEqual(0);
        expect(left + textWidth(run.text, run.face, run.size)).toBeLessThanOrEqual(wide.width);
      }
      expect(shape.y).toBeLessThanOrEqual(wide.height);
    }
  });

  test("a point set aside is hollow, without bars, and still on the paper", () => {
    const aside = { x: [40], y: [1] };
    const wide = layoutFigure(withPoints({ aside }));
    const [hollow] = pathsOf(wide, "points-aside");
    expect(hollow).toMatchObject({ fill: "#FFFFFF", stroke: "#14323C" });
    expect(Number(/^M(\S+)/.exec(outline(wide, "points-aside"))?.[1])).toBeLessThan(482);
    expect(outline(wide, "error-bars").match(/M/g)).toHaveLength(3);
  });

  test("the line ends at the edge of the paper, not beyond", () => {
    const steep = layoutFigure(withLine({ slope: 100, intercept: 0 }));
    const ys = [...outline(steep, "best-line").matchAll(/[ML]\S+ (\S+?)(?=[ML]|$)/g)].map(([, y]) =>
      Number(y),
    );
    expect(Math.min(...ys)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...ys)).toBeLessThanOrEqual(340);
  });

  test("a line that misses the paper is not drawn", () => {
    const scene = layoutFigure(withLine({ slope: 0, intercept: 99 }));
    expect(outline(scene, "best-line")).toBe("");
  });

  test("bars may reach further up than down", () => {
    const yBars = { up: [0, 0, 1], down: [0, 0, 0.5] };
    const lopsided = layoutFigure(withPoints({ xBars: evenBars([0, 0, 0]), yBars }));
    const [from, to] = [...outline(lopsided, "error-bars").matchAll(/[ML]\S+ ([\d.]+)/g)].map(
      ([, y]) => Number(y),
    );
    const y = Number([...outline(lopsided, "points").matchAll(/M\S+ ([\d.]+)/g)][2]?.[1]);
    expect((y - to!) / (from! - y)).toBeCloseTo(2, 1);
  });

  test("several series have markers, colours and a legend that lies above every point", () => {
    const [one] = figure.series;
    const series = ["wire A", "wire B"].map((name, seriesNumber) => ({
      ...one!,
      name,
      seriesNumber,
    }));
    const several = layoutFigure({ ...figure, series });
    expect(texts(several, "legend")).toEqual(["wire A", "wire B"]);
    const marked = pathsOf(several, "points");
    const [first, second] = outlinesOf(several, "points");
    expect(new Set(marked.map(({ fill }) => fill)).size).toBe(2);
    expect(first).not.toBe(second);
    const top = Math.min(...[...first!.matchAll(/M\S+ ([\d.]+)/g)].map(([, y]) => Number(y)));
    const legend = several.shapes.filter(({ role, kind }) => role === "legend" && kind === "text");
    for (const shape of legend) expect((shape as TextShape).y).toBeLessThan(top);
    expect(texts(scene, "legend")).toEqual([]);
  });

  test("units in brackets and decimal commas, where the house rules say so", () => {
    const style = { headings: "brackets", decimalMark: "comma" } as const;
    const house = layoutFigure({ ...withPoints({ x: [0, 0.1, 0.2] }), style });
    expect(texts(house, "axis-label")[0]).toBe("overhang, L (m)");
    expect(texts(house, "tick-label").join(" ")).toContain("0,1");
    expect(texts(house, "tick-label").join(" ")).not.toContain(".");
  });

  test("the same input gives the same bytes", () => {
    expect(svgText(layoutFigure(figure), "d", "")).toBe(svgText(scene, "d", ""));
  });

  test("nothing odd stands in the file", () => {
    const svg = svgText(scene, 'a "title" & <more>', "");
    expect(svg).not.toMatch(/NaN|undefined|Infinity|e-\d|\[object|-0(?![.\d])/);
    expect(svg).toContain("<title>a &quot;title&quot; &amp; &lt;more&gt;</title>");
    expect(svg).toContain('width="170.04mm"');
  });
});
