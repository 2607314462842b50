import { plainRunText } from "@/core/unit/runText";
import { setAside } from "@/investigation/acts/setAside";
import { setUncertainty } from "@/investigation/acts/setUncertainty";
import { typeReadings } from "@/investigation/acts/typeReadings";
import { perform } from "@/investigation/history/edit";
import { clampedRule } from "@/investigation/samples/clampedRule";
import { figureSpecification, figureTitle } from "./figure";
import { fitFigure } from "./fit";
import { evaluateTable } from "./table";

const frozen = () => perform(clampedRule(), typeReadings, { readings: [] }).document;

function type(document: ReturnType<typeof frozen>, row: string, text: string) {
  const readings = [{ row, quantity: "squared", text }];
  return perform(document, typeReadings, { readings }).document;
}

describe("from typed readings to a figure", () => {
  test("the clamped rule gives the slope that its own numbers have", () => {
    const document = frozen();
    const fit = fitFigure(evaluateTable(document), document.figures.main!);
    if (fit?.outcome.kind !== "line") throw new Error("no line");
    expect(fit.outcome.line.slope).toBeCloseTo(12.3, 1);
    expect(fit.outcome.line.count).toBe(7);
    expect(fit.points.yBars[0]).toBe(0.02);
  });

  test("a word in a cell leaves its row out of the figure and the others in", () => {
    const document = type(frozen(), "row3", "about 3");
    const table = evaluateTable(document);
    expect(table.rows[2]?.readings.squared?.kind).toBe("unreadable");
    const fit = fitFigure(table, document.figures.main!);
    expect(fit?.points.rows).toHaveLength(6);
    expect(fit?.points.rows).not.toContain("row3");
  });

  test("a reading set aside leaves the fit and stays on the paper", () => {
    const readings = [{ row: "row3", quantity: "squared" }];
    const { document } = perform(frozen(), setAside, { readings, reason: "misread" });
    const fit = fitFigure(evaluateTable(document), document.figures.main!)!;
    expect(fit.points.rows).not.toContain("row3");
    expect(fit.points.aside).toEqual({ x: [0.027], y: [0.34] });
    const other = { ...document.figures.main!, y: "time" };
    expect(fitFigure(evaluateTable(document), other)!.points.rows).toContain("row3");
  });

  test("a ± typed with the reading goes before the quantity's", () => {
    const document = type(frozen(), "row1", "0.10 ± 0.05");
    const fit = fitFigure(evaluateTable(document), document.figures.main!);
    expect(fit?.points.yBars[0]).toBe(0.05);
    expect(fit?.points.yBars[1]).toBe(0.02);
  });

  test.each([
    [{ kind: "percent", percent: "10" }, [0.01, 0.154]],
    [{ kind: "last-digit" }, [0.01, 0.01]],
    [{ kind: "half-division", division: "0.1" }, [0.05, 0.05]],
    [{ kind: "half-division", division: "" }, [0, 0]],
    [{ kind: "percent-and-digits", percent: "10", digits: "1" }, [0.02, 0.164]],
  ] as const)("%j gives each reading its bar", (uncertainty, bars) => {
    const { document } = perform(frozen(), setUncertainty, { quantity: "squared", uncertainty });
    const { yBars } = fitFigure(evaluateTable(document), document.figures.main!)!.points;
    expect(yBars[0]).toBeCloseTo(bars[0], 12);
    expect(yBars[6]).toBeCloseTo(bars[1], 12);
  });

  test("a row that did not change is not read again", () => {
    const before = frozen();
    const after = type(before, "row3", "0.35");
    const [one, two] = [evaluateTable(before), evaluateTable(after)];
    expect(two.rows[0]).toBe(one.rows[0]);
    expect(two.rows[2]).not.toBe(one.rows[2]);
    expect(two.quantities).toBe(one.quantities);
  });

  test("an empty axis is no figure", () => {
    const document = frozen();
    expect(
      fitFigure(evaluateTable(document), { ...document.figures.main!, x: null }),
    ).toBeUndefined();
  });

  test("the title is proposed in the right order: y against x", () => {
    const document = frozen();
    const { cubed, squared } = document.quantities;
    expect(plainRunText(figureTitle(document.figures.main!, cubed!, squared!))).toBe(
      "T² against L³",
    );
    const fit = fitFigure(evaluateTable(document), document.figures.main!)!;
    const own = { ...document.figures.main!, title: "The loaded rule" };
    expect(plainRunText(figureSpecification(own, 1, fit).title!)).toBe("Figure 1. The loaded rule");
  });
});
