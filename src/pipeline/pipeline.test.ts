import { plainRunText } from "@/core/unit/runText";
import { addSeries } from "@/investigation/acts/addSeries";
import { addTable } from "@/investigation/acts/addTable";
import { describeQuantity } from "@/investigation/acts/describeQuantity";
import { setAside } from "@/investigation/acts/setAside";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { typedRule } from "../../tests/fixtures/typedRule";
import { figureSpecification, figureTitle } from "./figure/figure";
import { fitFigure } from "./lines/fit";
import { gridColumns } from "./table/gridColumns";
import { measured } from "./readings/measured";
import { writeMeasured } from "./readings/writtenReading";
import { evaluateTables, tableOf } from "./table/table";

const frozen = () => perform(typedRule(), typeReadings, { readings: [] }).document;

function type(document: ReturnType<typeof frozen>, row: string, text: string) {
  const readings = [{ row, cell: "squared", text }];
  return perform(document, typeReadings, { readings }).document;
}

function only(document: ReturnType<typeof frozen>) {
  return fitFigure(evaluateTables(document), document.figures.main!)!.lines[0]!;
}

function rowsOf(document: ReturnType<typeof frozen>): string[] {
  return only(document).points.rows.map(({ id }) => id);
}

describe("from typed readings to a figure", () => {
  test("the clamped rule gives the slope that its own numbers have", () => {
    const document = frozen();
    const { outcome, points } = only(document);
    if (outcome.kind !== "line") throw new Error("no line");
    expect(outcome.line.slope).toBeCloseTo(12.3, 1);
    expect(outcome.line.count).toBe(7);
    expect(points.yBars.up[0]).toBe(0.02);
  });

  test("a word in a cell leaves its row out of the figure and the others in", () => {
    const document = type(frozen(), "row3", "about 3");
    const table = tableOf(evaluateTables(document));
    expect(table.rows[2]?.readings.squared?.kind).toBe("unreadable");
    expect(rowsOf(document)).toHaveLength(6);
    expect(rowsOf(document)).not.toContain("row3");
  });

  test("a reading set aside leaves the fit and stays on the paper", () => {
    const readings = [{ row: "row3", cell: "squared" }];
    const { document } = perform(frozen(), setAside, { readings, reason: "misread" });
    expect(rowsOf(document)).not.toContain("row3");
    expect(only(document).points.aside).toEqual({ x: [0.027], y: [0.33] });
    const other = { ...document.figures.main!, y: "time" };
    const rows = fitFigure(evaluateTables(document), other)!.groups[0]!.points.rows;
    expect(rows.map(({ id }) => id)).toContain("row3");
  });

  test("a ± typed with the reading goes before the quantity's", () => {
    const document = type(frozen(), "row1", "0.10 ± 0.05");
    const { yBars } = only(document).points;
    expect([yBars.up[0], yBars.up[1]]).toEqual([0.05, 0.02]);
  });

  test.each([
    [{ kind: "percent", percent: "10" }, [0.01, 0.154]],
    [{ kind: "last-digit" }, [0.01, 0.01]],
    [{ kind: "half-division", division: "0.1" }, [0.05, 0.05]],
    [{ kind: "half-division", division: "" }, [0, 0]],
    [{ kind: "percent-and-digits", percent: "10", digits: "1" }, [0.02, 0.164]],
  ] as const)("%j gives each reading its bar", (uncertainty, bars) => {
    const { document } = perform(frozen(), setUncertainty, { quantity: "squared", uncertainty });
    const { yBars } = only(document).points;
    expect(yBars.up[0]).toBeCloseTo(bars[0], 12);
    expect(yBars.down[6]).toBeCloseTo(bars[1], 12);
  });

  test("up and down apart, typed or for all", () => {
    const document = type(frozen(), "row1", "0.10 +0.05 -0.01");
    const { yBars } = only(document).points;
    expect([yBars.up[0], yBars.down[0]]).toEqual([0.05, 0.01]);
    const uncertainty = { kind: "up-and-down", up: "0.3", down: "0.2" } as const;
    const { document: all } = perform(document, setUncertainty, {
      quantity: "squared",
      uncertainty,
    });
    const bars = only(all).points.yBars;
    expect([bars.up[3], bars.down[3]]).toEqual([0.3, 0.2]);
  });

  test("a column holds the ± of another, in its own unit", () => {
    const change = { quantity: "time", unit: "ms^2" };
    let { document } = perform(frozen(), describeQuantity, change);
    const uncertainty = { kind: "column", column: "time" } as const;
    document = perform(document, setUncertainty, { quantity: "squared", uncertainty }).document;
    expect(only(document).points.yBars.up[0]).toBeCloseTo(3.12e-6, 12);
  });

  test("repeats: mean, scatter by the house rules, and the larger of both parts", () => {
    const table = tableOf(evaluateTables(frozen()));
    const time = table.quantities.find(({ id }) => id === "time")!;
    const found = measured(table.rows[0]!, time)!;
    expect(found.value).toBeCloseTo(3.11, 12);
    expect(found.scatter).toBeCloseTo(0.045, 12);
    expect(found.bars.up).toBeCloseTo(0.1, 12);
    expect(writeMeasured(found, time, "one")).toMatchObject({
      value: "3.1",
      up: "0.1",
      down: "0.1",
    });
    expect(writeMeasured(found, time, "two")).toMatchObject({
      value: "3.11",
      up: "0.10",
      down: "0.10",
    });
  });

  test("a repeat set aside leaves the mean of the others", () => {
    const readings = [{ row: "row1", cell: "time~3" }];
    const { document } = perform(frozen(), setAside, { readings, reason: "misread" });
    const table = tableOf(evaluateTables(document));
    const found = measured(table.rows[0]!, table.quantities[1]!)!;
    expect(found.spread.count).toBe(2);
    expect(found.value).toBeCloseTo(3.09, 12);
  });

  test("a further repeat for one row makes a column, and counts in that row", () => {
    const readings = [{ row: "row1", cell: "time~4", text: "3.11" }];
    const { document } = perform(frozen(), typeReadings, { readings });
    const table = tableOf(evaluateTables(document));
    const time = gridColumns(table).filter(({ evaluated }) => evaluated.id === "time");
    expect(time.map(({ cell }) => cell)).toEqual(["time", "time~2", "time~3", "time~4"]);
    expect(measured(table.rows[0]!, table.quantities[1]!)!.spread.count).toBe(4);
    expect(measured(table.rows[1]!, table.quantities[1]!)!.spread.count).toBe(3);
  });

  test("series have points and lines of their own; a second table is a figure of its own", () => {
    const args = { id: "thin", table: "main", name: "thin", rows: ["row1", "row2", "row3"] };
    let { document } = perform(frozen(), addSeries, args);
    const { groups } = fitFigure(evaluateTables(document), document.figures.main!)!;
    expect(groups.map(({ points }) => points.rows.length)).toEqual([3, 4]);
    expect(groups[0]!.points.series?.series.name).toBe("thin");
    document = perform(document, addTable, {
      id: "t2",
      name: "",
      quantity: "m",
      symbol: "m",
    }).document;
    const figure = { ...document.figures.main!, y: "m" };
    expect(fitFigure(evaluateTables(document), figure)).toBeUndefined();
  });

  test("a row that did not change is not read again", () => {
    const before = frozen();
    const after = type(before, "row3", "0.35");
    const [one, two] = [tableOf(evaluateTables(before)), tableOf(evaluateTables(after))];
    expect(two.rows[0]).toBe(one.rows[0]);
    expect(two.rows[2]).not.toBe(one.rows[2]);
    expect(two.quantities[0]).toBe(one.quantities[0]);
  });

  test("an empty axis is no figure", () => {
    const document = frozen();
    expect(
      fitFigure(evaluateTables(document), { ...document.figures.main!, x: null }),
    ).toBeUndefined();
  });

  test("the title is proposed in the right order: y against x", () => {
    const document = frozen();
    const { cubed, squared } = document.quantities;
    expect(plainRunText(figureTitle("", cubed!, [squared!]))).toBe("T² against L³");
    const three = figureTitle("", cubed!, [squared!, cubed!, squared!]);
    expect(plainRunText(three)).toBe("T², L³ and T² against L³");
    const fit = fitFigure(evaluateTables(document), document.figures.main!)!;
    const own = { ...document.figures.main!, title: "The loaded rule" };
    const { title, caption } = figureSpecification(own, 2, fit, document.houseRules);
    expect(plainRunText(title!)).toBe("The loaded rule");
    expect(plainRunText(caption!)).toBe(
      "Figure 2. The loaded rule: 7 readings with the best-fit, the steepest and the shallowest line; bars show the ±.",
    );
  });
});
