import { plainRunText } from "@/core/unit/runText";
import { layFrame } from "@/figure/layout/frame";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { drawTriangle } from "@/investigation/acts/drawTriangle";
import { layStraightedge } from "@/investigation/acts/layStraightedge";
import { placeEquation } from "@/investigation/acts/placeEquation";
import { setHouseRules } from "@/investigation/acts/setHouseRules";
import { setLine } from "@/investigation/acts/setLine";
import { showEquation } from "@/investigation/acts/showEquation";
import type { Act } from "@/investigation/acts/act";
import { perform } from "@/investigation/history/edit";
import type { LineChoice } from "@/investigation/model/figure";
import type { Investigation } from "@/investigation/model/investigation";
import type { ShapeRole } from "@/figure/scene";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { outlinesOf } from "../../../tests/fixtures/sceneParts";
import { figureSpecification } from "../figure/figure";
import { fitFigure } from "./fit";
import { figureTex } from "@/output/tex/figureTex";
import { laidByHand } from "./byHand";
import { lineRange } from "./lineRange";
import { residualsOf, slopesWithout } from "./residuals";
import { residualFigure } from "../figure/residualFigure";
import { evaluateTables } from "../table/table";

const main = { figure: "main" };
const after = <Args>(act: Act<Args>, args: Args, from: Investigation = plainRule()) =>
  perform(from, act, args).document;
const lined = (change: Partial<LineChoice>, from?: Investigation) =>
  after(setLine, { ...main, change }, from);

function shown(document: Investigation) {
  const figure = document.figures.main!;
  const { houseRules } = document;
  const fit = fitFigure(evaluateTables(document), figure, houseRules)!;
  const one = fit.lines[0]!;
  if (one.outcome.kind === "no-line") throw new Error("no line");
  const specification = figureSpecification(figure, 1, fit, houseRules);
  return { figure, fit, one, line: one.outcome.line, specification, rules: houseRules };
}

const shapes = (document: Investigation, role: string) =>
  layoutFigure(shown(document).specification).shapes.filter((shape) => shape.role === role);

const outlines = (document: Investigation, role: ShapeRole) =>
  outlinesOf(layoutFigure(shown(document).specification), role);

describe("lines as they are drawn", () => {
  test("one kept to the readings ends at the first and the last", () => {
    const reach = { best: "data", steepest: "paper", shallowest: "paper" } as const;
    const { specification, one } = shown(lined({ reach }));
    const best = specification.series[0]!.lines.find(({ role }) => role === "best")!;
    const xs = Array.from(one.fitted.xValues);
    expect(best.reach).toEqual({ from: Math.min(...xs), to: Math.max(...xs) });
    const { across } = layFrame(specification);
    const [line] = outlines(lined({ reach }), "best-line");
    const start = Number(/^M([\d.]+)/.exec(line!)![1]);
    expect(start).toBeCloseTo(across(Math.min(...xs)), 1);
  });

  test("the unweighted line lies beside a weighted one on request", () => {
    expect(shapes(lined({ compare: true }), "unweighted-line")).toHaveLength(0);
    expect(shapes(lined({ compare: true, weights: "xy" }), "unweighted-line")).toHaveLength(1);
  });

  test("what lies between steepest and shallowest is shaded, while both are drawn", () => {
    expect(shapes(plainRule(), "range-fan")).toHaveLength(1);
    expect(shapes(lined({ steepest: false }), "range-fan")).toHaveLength(0);
  });

  test("bands come as they are chosen, wider at a higher level", () => {
    expect(shapes(lined({ bands: "confidence" }), "confidence-band")).toHaveLength(1);
    expect(shapes(lined({ bands: "both" }), "prediction-band")).toHaveLength(1);
    const t = (level: LineChoice["level"]) =>
      shown(lined({ bands: "confidence", level })).specification.series[0]!.bands[0]!.t;
    expect(t("99")).toBeGreaterThan(t("95"));
    expect(t("95")).toBeCloseTo(2.570582, 5);
  });

  test("relative weights take the size of the ± from the scatter", () => {
    const absolute = shown(lined({ weights: "y" })).line;
    const relative = shown(lined({ weights: "y", relative: true })).line;
    expect(relative.slope).toBe(absolute.slope);
    expect(relative.standardErrorOfSlope).toBeCloseTo(
      absolute.standardErrorOfSlope! * Math.sqrt(absolute.reducedChiSquare!),
      12,
    );
  });

  test("an equation stands where it was put; below zero it subtracts", () => {
    const labelled = lined({ labelled: { steepest: true, shallowest: false } });
    const steepest = shown(labelled).specification.series[0]!.lines[1]!;
    expect(plainRunText(steepest.equation!.text)).toMatch(/^steepest: T² = .* − 0\.013/);
    const equation = after(showEquation, { ...main, shown: true });
    const place = { across: 0.5, down: 0.5 };
    const put = after(placeEquation, { ...main, equation: "best-", place }, equation);
    const { specification } = shown(put);
    const frame = layFrame(specification);
    const spot = layoutFigure(specification).spots.find(({ kind }) => kind === "equation")!;
    expect(spot.x).toBeCloseTo((frame.left + frame.right) / 2, 6);
  });
});

describe("lines laid by hand", () => {
  const byHand = after(setHouseRules, { slopeRange: "by-hand" });
  const edge = (id: string, role: "steepest" | "shallowest", slope: number, from: Investigation) =>
    after(
      layStraightedge,
      { ...main, id, change: { x1: 0, y1: 0, x2: 0.1, y2: 0.1 * slope, role } },
      from,
    );
  const range = (document: Investigation) => {
    const { figure, one, rules } = shown(document);
    return lineRange(one.fitted, one.outcome, rules, laidByHand(figure, ""));
  };

  test("until two are laid there is no range, and it is said", () => {
    expect(range(byHand)).toMatchObject({ finding: { name: "straightedges-missing" } });
    expect(range(edge("a", "steepest", 13, byHand))).toMatchObject({ kind: "no-range" });
  });

  test("two give half of their difference", () => {
    const both = edge("b", "shallowest", 11.6, edge("a", "steepest", 13, byHand));
    expect(range(both)).toMatchObject({ kind: "range", halfOfSlope: expect.closeTo(0.7, 9) });
    expect(shapes(both, "steepest-line")).toHaveLength(1);
    expect(shapes(both, "straightedge-line")).toHaveLength(0);
  });

  test("under another rule they are lines to look at", () => {
    expect(shapes(edge("a", "steepest", 13, plainRule()), "straightedge-line")).toHaveLength(1);
  });
});

describe("the slope triangle", () => {
  const drawn = after(drawTriangle, { ...main, triangle: { from: 0.02, to: 0.12 } });

  test("has its right angle under the line, and its steps in the axes' symbols", () => {
    const { triangle } = shown(drawn).specification;
    expect(plainRunText(triangle!.across)).toBe("Δ(L³) = 0.1\u00a0m³");
    expect(plainRunText(triangle!.up)).toMatch(/^Δ\(T²\) = 1\.23\d\u00a0s²$/);
    const [, ...words] = shapes(drawn, "triangle");
    expect(outlines(drawn, "triangle")[0]!.match(/[ML]/g)).toHaveLength(3);
    expect(words).toHaveLength(2);
  });

  test("either way round it is the same triangle; none is drawn without one", () => {
    const turned = after(drawTriangle, { ...main, triangle: { from: 0.12, to: 0.02 } });
    expect(shown(turned).specification.triangle).toEqual(shown(drawn).specification.triangle);
    expect(shapes(plainRule(), "triangle")).toEqual([]);
  });
});

describe("off the line", () => {
  test("the residuals of least squares add up to nothing, from left to right", () => {
    const { one, line, rules } = shown(plainRule());
    const { points, missed } = residualsOf(one.fitted, line, rules);
    expect(points.reduce((sum, { off }) => sum + off, 0)).toBeCloseTo(0, 9);
    const xs = points.map(({ x }) => x);
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
    expect(missed).toEqual([]);
  });

  test("the slope without a reading is that of the others", () => {
    const { figure, one, line, rules } = shown(plainRule());
    const without = slopesWithout(one.fitted, figure.line, rules);
    expect(without).toHaveLength(7);
    expect(without.every((slope) => Math.abs(slope! - line.slope) < 0.1)).toBe(true);
    expect(without.some((slope) => slope !== line.slope)).toBe(true);
  });

  test("counted in bars, every bar is one long", () => {
    const { one, line, rules } = shown(plainRule());
    const strip = residualFigure(one, residualsOf(one.fitted, line, rules), rules, true);
    expect(Array.from(strip.series[0]!.points.yBars.up)).toEqual(Array(7).fill(1));
    expect(Math.max(...Array.from(strip.series[0]!.points.y))).toBeLessThan(1);
  });

  test("under the figure it stands over the same x, and leaves room for all words", () => {
    const document = lined({ strip: "unit" });
    const { specification } = shown(document);
    const frame = layFrame(specification);
    expect(frame.strip!.top).toBeGreaterThan(frame.bottom + 2 * frame.textSize);
    expect(frame.strip!.bottom).toBeLessThan(specification.height);
    const points = (role: ShapeRole) => outlines(document, role)[0]!;
    expect(points("strip-points").split("M").length).toBe(points("points").split("M").length);
    const words = shapes(document, "strip").flatMap((shape) =>
      shape.kind === "text" ? [shape.runs.map(({ text }) => text).join("")] : [],
    );
    expect(words).toContain("off the line / s²".replace("s²", "s2"));
    expect(shapes(lined({ strip: "none" }), "strip-points")).toEqual([]);
  });

  test("the strip goes to TeX as an axis under the first, over the same x", () => {
    const tex = figureTex(shown(lined({ strip: "bars" })).specification);
    const [, figure, strip] = tex.split("\\begin{axis}");
    expect(strip).toMatch(/^\[at=\{\(0bp,-\d+(\.\d+)?bp\)\}, anchor=south west/);
    expect(strip).toContain("ylabel={off the line / $\\pm$}");
    const across = (part: string | undefined) => /width=[\d.]+bp|xmin=.*/.exec(part!)?.[0];
    expect(across(strip)).toBe(across(figure));
  });
});
