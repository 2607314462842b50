import { crossingOf } from "@/core/fit/readOff";
import { addSeries } from "@/investigation/acts/addSeries";
import { layStraightedge } from "@/investigation/acts/layStraightedge";
import { setLine } from "@/investigation/acts/setLine";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { laidByHand } from "./byHand";
import { figureSpecification, seriesName } from "../figure/figure";
import { fitFigure } from "./fit";
import { evaluateTables } from "../table/table";

const figure = "main";

/** The sample with its first four overhangs as a series of their own, and the others as another. */
function twoSeries(): Investigation {
  const sample = plainRule();
  const ids = inOrder(sample.rows).map(([id]) => id);
  const [table] = Object.keys(sample.tables) as [string];
  const short = { id: "short", table, name: "short", rows: ids.slice(0, 4) };
  const long = { id: "long", table, name: "long", rows: ids.slice(4) };
  return perform(perform(sample, addSeries, short).document, addSeries, long).document;
}

function fitted(document: Investigation) {
  const found = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
  const slopes = found.lines.map(({ outcome }) =>
    outcome.kind === "line" ? outcome.line.slope : NaN,
  );
  return { found, slopes };
}

describe("several series on one paper", () => {
  const apart = twoSeries();
  const change = { together: true };
  const joined = perform(apart, setLine, { figure, change }).document;

  test("each has its own line, named after it", () => {
    const { found, slopes } = fitted(apart);
    expect(found.lines.map((one) => seriesName(one, found))).toEqual(["short", "long"]);
    expect(slopes[0]).not.toBe(slopes[1]);
  });

  test("one line over all is that of the undivided readings", () => {
    const { found, slopes } = fitted(joined);
    expect(found.groups).toHaveLength(2);
    expect(slopes).toHaveLength(1);
    expect(slopes[0]).toBeCloseTo(fitted(plainRule()).slopes[0]!, 12);
    expect(seriesName(found.lines[0]!, found)).toBe("all series");
  });

  test("it is drawn once, and every series keeps its points", () => {
    const { found } = fitted(joined);
    const { series } = figureSpecification(...[joined.figures.main!, 1, found, joined.houseRules]);
    expect(series.map(({ lines }) => lines.some(({ role }) => role === "best"))).toEqual([
      ...[true, false],
    ]);
    expect(series.map(({ points }) => points.x.length)).toEqual([4, 3]);
  });

  test("their two lines cross where both have the same height", () => {
    const [a, b] = fitted(apart).found.lines.map(({ outcome }) => {
      if (outcome.kind === "no-line") throw new Error("no line");
      return outcome.line;
    });
    const crossing = crossingOf(a!, b!);
    if (crossing.kind === "none") throw new Error("parallel");
    const { x, y } = crossing;
    expect(y.value).toBeCloseTo(b!.slope * x.value + b!.intercept, 9);
    expect(x.uncertainty).toBeGreaterThan(0);
  });

  test("a straightedge counts for the series that it is laid along", () => {
    const edge = { x1: 0, y1: 0, x2: 0.1, y2: 1.25, role: "best", series: "long" } as const;
    const laid = perform(apart, layStraightedge, { figure, id: "edge", change: edge }).document;
    expect(laidByHand(laid.figures.main!, "short")).toEqual({});
    expect(laidByHand(laid.figures.main!, "long").best?.slope).toBeCloseTo(12.5, 12);
  });

  test("new ends of an axis or another look leave points and lines the same objects", () => {
    const tables = evaluateTables(apart);
    const own = apart.figures.main!;
    const first = fitFigure(tables, own, apart.houseRules)!;
    const axes = { ...own.axes, x: { ...own.axes.x, range: "hand" as const, from: "0" } };
    expect(fitFigure(tables, { ...own, axes }, apart.houseRules)).toBe(first);
    const line = { ...own.line, held: "zero" as const };
    expect(fitFigure(tables, { ...own, line }, apart.houseRules)).not.toBe(first);
  });
});
