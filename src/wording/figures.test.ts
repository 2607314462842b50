import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import type { LineChoice } from "@/investigation/model/figure";
import { plainRule } from "../../tests/fixtures/plainRule";
import { figureDescription } from "./figures";

/** The figure of the rule in words, with some of its lines drawn. */
function told(shown: Partial<LineChoice>): string {
  const document = plainRule();
  const plain = document.figures.main!;
  const figure = { ...plain, line: { ...plain.line, ...shown } };
  const fit = fitFigure(evaluateTables(document), figure, document.houseRules)!;
  return figureDescription(figureSpecification(figure, 1, fit, document.houseRules));
}

describe("a figure in words", () => {
  test.each([
    [{ best: true, steepest: false, shallowest: false }, /across, with the best-fit line\.$/],
    [
      { best: true, steepest: true, shallowest: true },
      /across, with the best-fit, the steepest and the shallowest line\.$/,
    ],
    [{ best: false, steepest: false, shallowest: false }, /across\.$/],
  ])("names the lines that are drawn: %j", (shown, ending) => {
    expect(told(shown)).toMatch(ending);
  });

  test("says how many points, what is up and what is across, with units", () => {
    expect(told({})).toMatch(/7 points, .*T² in s² up against .*L³ in m³ across/);
  });
});
