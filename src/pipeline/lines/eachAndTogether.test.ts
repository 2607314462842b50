import { addSeries } from "@/investigation/acts/addSeries";
import { setLine } from "@/investigation/acts/setLine";
import { perform } from "@/investigation/history/edit";
import { inOrder } from "@/investigation/model/order";
import { samples } from "@/investigation/samples/samples";
import { figureSpecification } from "../figure/figure";
import { evaluateTables } from "../table/table";
import { fitFigure } from "./fit";

const rule = samples.clampedRule();
const rows = inOrder(rule.rows).map(([id]) => id);

/** The rule's rows in two series, with the lines that are chosen. */
function inTwo(together: boolean, each: boolean) {
  const halves = [rows.slice(0, 4), rows.slice(4)];
  let document = rule;
  for (const [i, half] of halves.entries()) {
    const series = { id: `half${i}`, table: "main", name: `Half ${i + 1}`, rows: half };
    document = perform(document, addSeries, series).document;
  }
  return perform(document, setLine, { figure: "main", change: { together, each } }).document;
}

function linesOf(document: typeof rule) {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  return fit.lines.map(({ key, points }) => `${key}: ${points.rows.length}`);
}

test("a line over all series, one for each, or both: the one over all comes last and takes every point", () => {
  expect(linesOf(inTwo(false, false))).toEqual(["half0: 4", "half1: 3"]);
  expect(linesOf(inTwo(true, false))).toEqual(["*: 7"]);
  expect(linesOf(inTwo(true, true))).toEqual(["half0: 4", "half1: 3", "*: 7"]);
  expect(linesOf(inTwo(false, true))).toEqual(["half0: 4", "half1: 3"]);
});

test("the line over all is drawn without points of its own, and the legend does not tell of it", () => {
  const document = inTwo(true, true);
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  const found = figureSpecification(figure, 1, fit, document.houseRules);
  expect(found.series.map(({ name, lineAlone = false }) => [name, lineAlone])).toEqual([
    ["Half 1", false],
    ["Half 2", false],
    ["", true],
  ]);
  const last = found.series.at(-1)!;
  expect(last.points.x).toHaveLength(0);
  expect(last.lines.map(({ role }) => role)).toContain("best");
});
