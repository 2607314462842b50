import { setLine } from "@/investigation/acts/setLine";
import { addCurve } from "@/investigation/acts/addCurve";
import { perform } from "@/investigation/history/edit";
import type { Investigation } from "@/investigation/model/investigation";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { outlinesOf } from "../../../tests/fixtures/sceneParts";
import { curvesOf } from "@/output/report/curvesOf";
import { fitFigure } from "../lines/fit";
import { contenders, differenceFigure, sideBySide } from "./sideBySide";
import { evaluateTables } from "../table/table";

const figure = "main";

function all(document: Investigation) {
  const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;
  const curves = curvesOf(document).get(figure) ?? [];
  return contenders(fit, curves, document.figures.main!.line, document.houseRules);
}

const weighted = perform(plainRule(), setLine, { figure, change: { weights: "y" } }).document;
const curved = ["parabola", "cubic"].reduce(
  (document, family) =>
    perform(document, addCurve, { figure, id: family, family: family as "cubic", series: "" })
      .document,
  weighted,
);

describe("two side by side", () => {
  test("a weighted line beside the one with every point alike: their slopes differ by what they differ", () => {
    const [laid, alike] = all(weighted);
    const found = sideBySide(laid!, alike!)!;
    expect(found.slopes!.difference).toBeCloseTo(alike!.line!.slope - laid!.line!.slope, 12);
    expect(found.slopes!.error).toBeUndefined();
    const middle = found.x[80]!;
    expect(found.difference[80]).toBeCloseTo(alike!.height(middle) - laid!.height(middle), 12);
  });

  test("curves of different degree, drawn without a hole", () => {
    const [, , parabola, cubic] = all(curved);
    expect([parabola!.kind, cubic!.kind]).toEqual(["curve", "curve"]);
    const found = sideBySide(parabola!, cubic!)!;
    const sizes = Array.from(found.difference, Math.abs);
    expect(sizes[found.largest]).toBe(Math.max(...sizes));
    const drawn = differenceFigure(found, "difference", plainRule().houseRules);
    expect(outlinesOf(layoutFigure(drawn), "curve")[0]!.match(/M/g)).toHaveLength(1);
  });

  test("a curve beside itself differs by nothing", () => {
    const [, , parabola] = all(curved);
    const found = sideBySide(parabola!, parabola!)!;
    expect(found.difference.every((value) => value === 0)).toBe(true);
    expect(() => layoutFigure(differenceFigure(found, "", plainRule().houseRules))).not.toThrow();
  });
});

test("a curve begins with the bars that count for the line", () => {
  expect(curved.figures.main!.curves.parabola!.weights).toBe("y");
});
