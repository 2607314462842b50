import { numberTex } from "@/core/expression/tex";
import { writeChosenNumber, writeNumber } from "@/core/number/writtenNumber";
import { plainRule } from "../../../tests/fixtures/plainRule";
import { fitFigure } from "./fit";
import { evaluateTables } from "../table/table";
import { triangleWorking } from "./triangleWorking";

const document = plainRule();
const fit = fitFigure(evaluateTables(document), document.figures.main!, document.houseRules)!;

describe("the working of a slope triangle", () => {
  test("steps with their units over each other, and the slope in three figures", () => {
    const tex = triangleWorking(fit, { from: 0.02, to: 0.114 }, 12.3176, "point");
    expect(tex).toContain("\\frac{\\Delta(T^{2})}{\\Delta(L^{3})}");
    expect(tex).toContain("\\frac{1.158\\,\\mathrm{s^{2}}}{0.094\\,\\mathrm{m^{3}}}");
    expect(tex).toMatch(/= 12\.3\\,\\mathrm\{s\^\{2\}/);
  });

  test("the same either way round; a falling line has a step downwards", () => {
    const there = triangleWorking(fit, { from: 0.02, to: 0.114 }, -2, "point");
    expect(triangleWorking(fit, { from: 0.114, to: 0.02 }, -2, "point")).toBe(there);
    expect(there).toContain("-0.1880");
  });

  test("with decimal commas where the house has them", () => {
    const tex = triangleWorking(fit, { from: 0.02, to: 0.114 }, 12.3176, "comma");
    expect(tex).toContain("0{,}094");
    expect(tex).not.toMatch(/\d\.\d/);
  });
});

describe("numbers that were chosen, and numbers in TeX", () => {
  test.each([
    [0.094, "0.094"],
    [0.1 + 0.2, "0.3"],
    [20, "20"],
    [-0.5, "−0.5"],
  ])("%d is written %s", (value, text) => {
    expect(writeChosenNumber(value)).toEqual({ mantissa: text });
  });

  test("very small and very large ones have a power of ten", () => {
    expect(writeChosenNumber(2e-7)).toEqual({ mantissa: "2", exponent: -7 });
    expect(numberTex(writeNumber(-2.5e-7, 2))).toBe("-2.5 \\times 10^{-7}");
    expect(numberTex({ mantissa: "3.5" }, "comma")).toBe("3{,}5");
  });
});
