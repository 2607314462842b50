import { layFrame } from "@/figure/layout/frame";
import type { FigureSpecification, LookSpecification } from "@/figure/specification";
import { setLine } from "@/investigation/acts/setLine";
import { perform } from "@/investigation/history/edit";
import type { LineChoice } from "@/investigation/model/figure";
import type { Investigation } from "@/investigation/model/investigation";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { figureTex } from "./figureTex";
import { texOfText } from "./texText";

function shown(document: Investigation = plainRule()) {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure)!;
  return { specification: figureSpecification(figure, 1, fit, document.houseRules) };
}

describe("lines of a figure in TeX", () => {
  const lined = (change: Partial<LineChoice>) =>
    figureTex(
      shown(perform(plainRule(), setLine, { figure: "main", change }).document).specification,
    );
  const plots = (tex: string) => tex.split("\n").filter((text) => text.includes("domain="));

  test("each has its own dashes, and ends with the readings where it is kept to them", () => {
    const reach = { best: "data", steepest: "paper", shallowest: "paper" } as const;
    const [best, steepest, shallowest] = plots(lined({ reach }));
    expect(best).toMatch(/domain=0\.008:0\.125/);
    expect(best).not.toContain("dash");
    expect(steepest).toMatch(/on 7bp off 3bp, domain=0:0\.14/);
    expect(shallowest).toMatch(/on 1\.4bp off 2\.2bp/);
  });

  test("one band is shaded, the other has two edges about the line", () => {
    const tex = lined({ bands: "both", steepest: false, shallowest: false });
    expect(plots(tex).filter((text) => text.includes("sqrt("))).toHaveLength(2);
    expect(tex.match(/fill=colourFBEAF2, on layer=axis background/g)).toHaveLength(1);
    expect(tex).not.toMatch(/NaN|undefined|Infinity/);
  });
});

describe("a figure in TeX is that of the page", () => {
  const { specification } = shown();
  const tex = (change: Partial<FigureSpecification>) => figureTex({ ...specification, ...change });
  const look = (change: Partial<LookSpecification>) =>
    tex({ look: { ...specification.look, ...change } });

  test("the same numbers on the axes, in the house's decimal mark, and the same ends", () => {
    const { xScale } = layFrame(specification);
    const labels = (source: string) => /xticklabels=\{\{(.*)\}\}/.exec(source)![1]!.split("},{");
    expect(labels(tex({}))).toEqual(xScale.ticks.map(({ label }) => label[0]!.text));
    expect(labels(tex({}))).toContain("0.02");
    expect(tex({})).toContain(`xmin=${xScale.from}, xmax=${xScale.to}`);
    expect(tex({ x: { ...specification.x, reversed: true } })).toContain("x dir=reverse");
  });

  test("readings that are set aside are hollow, labels have their arrows, several series a legend", () => {
    const [one] = specification.series;
    const points = { ...one!.points, aside: { x: [0.1], y: [0.5] } };
    const named = [
      { ...one!, name: "first run", points },
      { ...one!, name: "second & last", seriesNumber: 1 },
    ];
    const source = tex({
      series: named,
      labels: [{ id: "a", text: "a kink ≈ here", x: 0.02, y: 1, to: { x: 0.05, y: 0.6 } }],
    });
    expect(source).toMatch(/mark=\*.*fill=white.*coordinates \{\(0\.1,0\.5\)\}/);
    expect(source).toContain("{a kink $\\approx$ here}");
    expect(source).toMatch(/\\draw\[->.*\(label0\) -- \(axis cs:0\.05,0\.6\)/);
    expect(source).toMatch(/mark=triangle\*[^\n]*\n\\addlegendentry\{second \\& last\}/);
  });

  test("a bar that lies under its point is not drawn, boxes and ellipses are", () => {
    expect(tex({})).toContain("y dir=both");
    const points = specification.series[0]!.points;
    const small = { up: Array(7).fill(1e-6), down: Array(7).fill(1e-6) };
    const series = [{ ...specification.series[0]!, points: { ...points, xBars: small } }];
    expect(tex({ series })).toContain("x dir=none");
    const crowd = (value: number) => new Float64Array(4000).fill(value);
    const bars = { up: crowd(0.1), down: crowd(0.1) };
    const many = { ...points, x: crowd(0.1), y: crowd(1), xBars: bars, yBars: bars };
    expect(tex({ series: [{ ...series[0]!, points: many }] })).not.toContain("error bars/.cd");
    const boxes = look({ bars: "boxes" });
    expect(boxes).not.toContain("error bars/.cd");
    expect(boxes.match(/draw=colourB3206A.*-- cycle/g)!.length).toBeGreaterThan(1);
    expect(look({ bars: "ellipses" })).toMatch(/draw=colourB3206A/);
    expect(look({ join: "guide", band: true })).not.toMatch(/NaN|undefined/);
  });

  test("black in print, and every colour is named before it is used", () => {
    expect(look({ style: "print" })).not.toMatch(/B3206A|0E6E7E/);
    for (const [, hex] of tex({}).matchAll(/colour([0-9A-F]{6})/g)) {
      expect(tex({})).toContain(`\\definecolor{colour${hex}}{HTML}{${hex}}`);
    }
  });
});

test("no letter that the editor offers is left to a TeX that does not know it", () => {
  const offered = [..."±×·°−→≈≤≥≠∞√∂Δαβγδεθλμνπρστφω Ω⁻³₂"].map((text) => texOfText(text)).join("");
  expect(offered).toMatch(/^[\x20-\x7e]+$/);
  expect(texOfText("100 % of {x}_1")).toBe("100 \\% of \\{x\\}\\_1");
});
