import { layFrame } from "@/figure/layout/frame";
import { layoutFigure } from "@/figure/layout/layoutFigure";
import { figureSpecification } from "@/pipeline/figure/figure";
import { fitFigure } from "@/pipeline/lines/fit";
import { evaluateTables } from "@/pipeline/table/table";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { screenFigure } from "./screenFigure";

const document = plainRule();
const chosen = document.figures.main!;
const fit = fitFigure(evaluateTables(document), chosen, document.houseRules)!;
const printed = figureSpecification(chosen, 1, fit, document.houseRules);

/** The smallest letters of a figure in CSS pixels, where it stands so many of them across. */
function smallestLetters(across: number): number {
  const shown = screenFigure(printed, across);
  const sizes = layoutFigure(shown).shapes.flatMap((shape) =>
    shape.kind === "text" && shape.role === "tick-label" ? shape.runs.map(({ size }) => size) : [],
  );
  return (Math.min(...sizes) * across) / shown.width;
}

describe("a figure on the screen", () => {
  test("stays as it is printed where its letters can be read", () => {
    expect(screenFigure(printed, 900)).toBe(printed);
  });

  test("has letters of 10 pixels on a phone, on paper that is higher beside its width", () => {
    expect(smallestLetters(348)).toBeGreaterThanOrEqual(9.9);
    const shown = screenFigure(printed, 348);
    expect(shown.height / shown.width).toBeGreaterThan(printed.height / printed.width);
    const { left, right, top, bottom } = layFrame(shown);
    expect(right - left).toBeGreaterThan(shown.width / 2);
    expect(bottom - top).toBeGreaterThan(shown.height / 2);
  });

  test("keeps letters of its own size readable too", () => {
    const small = { ...printed, letters: { numbers: 5 } };
    const shown = screenFigure(small, 348);
    expect((5 * 348) / shown.width).toBeGreaterThanOrEqual(9.9);
  });

  test("is left alone until its place is measured", () => {
    expect(screenFigure(printed, 0)).toBe(printed);
  });
});
