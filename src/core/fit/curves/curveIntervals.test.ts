import { parseFormula } from "../../expression/parseFormula";
import { confidenceIntervals } from "../lineIntervals";
import { fitOrdinaryLine } from "../ordinaryLine";
import { adjustedRSquared, parameterHalves } from "./curveIntervals";
import { curveModel } from "./curveModel";
import { fitCurve } from "./fitCurve";

const x = [0.12, 0.16, 0.2, 0.24, 0.28, 0.32];
const y = [1.31, 1.92, 2.44, 3.12, 3.61, 4.3];

test("a straight line fitted as a curve has the intervals and the R² of the line", () => {
  const read = parseFormula("m*x + c");
  if (read.kind !== "formula") throw new Error("the formula is read");
  const outcome = fitCurve(curveModel(read.expression, "x", new Map()), x, y, {
    deviations: undefined,
    wishes: {},
  });
  const straight = fitOrdinaryLine(x, y);
  if (outcome.kind !== "curve" || straight.kind !== "line") throw new Error("both are fitted");
  const names = outcome.fit.parameters.map(({ name }) => name);
  for (const level of [0.683, 0.9, 0.95, 0.99]) {
    const halves = parameterHalves(outcome.fit, level);
    const { slope, intercept } = confidenceIntervals(straight.line, level)!;
    expect(halves[names.indexOf("m")]! / slope.half).toBeCloseTo(1, 6);
    expect(halves[names.indexOf("c")]! / intercept.half).toBeCloseTo(1, 6);
  }
  expect(adjustedRSquared(outcome.fit)).toBeCloseTo(straight.line.adjustedRSquared!, 9);
});

test("no interval without a degree of freedom", () => {
  const parameters = [{ name: "m", value: 2, standardError: 0.1, fixed: false }];
  expect(parameterHalves({ parameters, degreesOfFreedom: 0 }, 0.95)).toEqual([undefined]);
  expect(adjustedRSquared({ rSquared: 1, count: 2, freeCount: 2 })).toBeUndefined();
});
