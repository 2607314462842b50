import { layFrame } from "@/figure/layout/frame";
import { setAxis } from "@/investigation/acts/setAxis";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { linesOf, nearestLine } from "./figureLines";
import { placedPoints, regionAround, rowsWithin } from "./figurePoints";

function onPaper(document: Investigation) {
  const figure = document.figures.main!;
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  const frame = layFrame(figureSpecification(figure, 1, fit, document.houseRules));
  return { fit, frame, line: linesOf(fit)[0]!.line };
}

const plain = plainRule();
const logarithmic = (["x", "y"] as const).reduce(
  (document, axis) =>
    perform(document, setAxis, { figure: "main", axis, change: { scale: "log" } }).document,
  plain,
);

describe.each([
  ["straight", plain],
  ["logarithmic", logarithmic],
])("the line under the hand on %s axes", (_name, document) => {
  const { fit, frame, line } = onPaper(document);
  const across = (frame.left + frame.right) / 2;
  const up = frame.up(line.slope * frame.xAt(across) + line.intercept);

  test("is found on it and beside it, not far from it", () => {
    expect(nearestLine(fit, frame, { x: across, y: up }, 6)).toBe(0);
    expect(nearestLine(fit, frame, { x: across, y: up + 4 }, 6)).toBe(0);
    expect(nearestLine(fit, frame, { x: across, y: up + 40 }, 6)).toBeUndefined();
  });
});

test("several points that stand side by side are taken together, and no others", () => {
  const { fit, frame } = onPaper(plain);
  const points = placedPoints(fit, frame);
  const some = points.slice(2, 5);
  expect(rowsWithin(points, regionAround(some)!)).toEqual(some.map(({ row }) => row));
  expect(regionAround([])).toBeUndefined();
});
