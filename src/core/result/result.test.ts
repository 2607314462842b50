import { formula } from "../../../tests/fixtures/formulas";
import { evaluateAt } from "../expression/evaluate";
import { printFormula } from "../expression/print";
import type { Expression } from "../expression/tree";
import { lineOfTheory } from "../straighten/lineOfTheory";
import { readTheory, type Theory } from "../straighten/theory";
import { compare } from "./comparison";
import { independentDirections, jointPart } from "./jointUncertainty";
import { solveByNumbers } from "./solveByNumbers";
import { solveFor } from "./solveFor";

function solved(text: string, symbol: string): string | undefined {
  const [left, right] = text.split("=").map(formula) as [Expression, Expression];
  const found = solveFor({ left, right }, symbol);
  return found && printFormula(found);
}

function theory(text: string): Theory {
  const read = readTheory(text);
  if (read.kind !== "theory") throw new Error(text);
  return read.theory;
}

function lineOf(text: string, measured: string[], known: string[], up: string, across: string) {
  const axes = { up: formula(up), across: formula(across) };
  const found = lineOfTheory(theory(text), measured, known, axes);
  return found && [printFormula(found.slope), printFormula(found.intercept)];
}

describe("an equation solved for a symbol", () => {
  test.each([
    ["slope = 16*pi^2*m/(E*b*d^3)", "E", "16*pi^2*m/(slope*b*d^3)"],
    ["slope = -E_a/R", "E_a", "-slope*R"],
    ["slope = 4/v", "v", "4/slope"],
    ["slope = v^2", "v", "sqrt(slope)"],
    ["intercept = ln(A)", "A", "exp(intercept)"],
    ["intercept = -4*e/v", "e", "-intercept*v/4"],
    ["y = a*x + b*x", "x", "y/(a + b)"],
    ["1/f = 1/u + 1/v", "u", "1/(1/f - 1/v)"],
    ["y = a*x^n", "n", "ln(y/a)/ln(x)"],
  ])("%s for %s is %s", (equation, symbol, wanted) => {
    const found = solved(equation, symbol)!;
    const names = ["E", "m", "b", "d", "slope", "E_a", "R", "v", "A", "e", "intercept", "y", "a", "x", "f", "u", "n"]; // prettier-ignore
    const numbers = Object.fromEntries(names.map((name, i) => [name, 1.37 + 0.11 * i]));
    const value = (text: string) => evaluateAt(formula(text), numbers);
    expect(value(found)).toMatchObject({ kind: "value" });
    expect((value(found) as { value: number }).value).toBeCloseTo(
      (value(wanted) as { value: number }).value,
      10,
    );
  });

  test("what can't be turned round by algebra is left to numbers", () => {
    expect(solved("slope = k*exp(-k*t)", "k")).toBeUndefined();
    const root = solveByNumbers((k) => k + Math.exp(k) - 3)!;
    expect(root.value + Math.exp(root.value)).toBeCloseTo(3, 12);
    expect(root.several).toBe(false);
  });

  test("a second number that fits is said, and a pole is no root", () => {
    expect(solveByNumbers((x) => (x - 2) * (x - 50))).toEqual({
      value: expect.closeTo(2, 10),
      several: true,
    });
    expect(solveByNumbers((x) => 1 / (x - 3))).toBeUndefined();
    expect(solveByNumbers(() => 1)).toBeUndefined();
  });
});

describe("what a line stands for by a theory", () => {
  const rule = "T = 2*pi*sqrt(4*m*L^3/(E*b*d^3))";

  test("T² against L³ of a clamped rule", () => {
    const found = lineOf(rule, ["T", "L"], ["m", "b", "d"], "T^2", "L^3")!;
    expect(found).toEqual(["16*pi^2*m/(E*b*d^3)", "0"]);
  });

  test("the same with ten swings up and the axes exchanged", () => {
    const [slope] = lineOf(rule, ["T", "L"], [], "L^3", "T^2")!;
    expect(slope).toBe("E*b*d^3/(16*pi^2*m)");
    expect(lineOf(rule, ["T", "L"], [], "100*T^2", "L^3")![0]).toBe("1600*pi^2*m/(E*b*d^3)");
  });

  test("a tube's length against 1/f has the end correction as intercept", () => {
    expect(lineOf("L + e = v/(4*f)", ["L", "f"], [], "L", "1/f")).toEqual(["v/4", "-e"]);
  });

  test("axes that the theory does not make straight stand for nothing", () => {
    expect(lineOf(rule, ["T", "L"], [], "T", "L")).toBeUndefined();
    expect(lineOf(rule, ["T", "L"], [], "T^2", "L^2")).toBeUndefined();
  });
});

describe("numbers that err together", () => {
  const line = {
    names: ["slope", "intercept"],
    values: [2, 1],
    spread: { kind: "covariance", matrix: [[0.04, -0.03], [-0.03, 0.09]] }, // prettier-ignore
  } as const;

  test("a covariance counts in both directions", () => {
    expect(jointPart(line, [1, 0])).toBeCloseTo(0.2, 12);
    expect(jointPart(line, [1, 1])).toBeCloseTo(Math.sqrt(0.04 + 0.09 - 0.06), 12);
  });

  test("half the slope range turns both at once", () => {
    const turned = { ...line, spread: { kind: "shift", shift: [0.2, -0.3] } } as const;
    expect(jointPart(turned, [1, 0])).toBeCloseTo(0.2, 12);
    expect(jointPart(turned, [3, 2])).toBeCloseTo(0, 12);
    expect(independentDirections(turned)).toEqual([[0.2, -0.3]]);
  });

  test("independent directions give the covariance back", () => {
    const directions = independentDirections(line);
    const back = (i: number, j: number) =>
      directions.reduce((sum, one) => sum + one[i]! * one[j]!, 0);
    expect(back(0, 0)).toBeCloseTo(0.04, 12);
    expect(back(0, 1)).toBeCloseTo(-0.03, 12);
    expect(back(1, 1)).toBeCloseTo(0.09, 12);
  });
});

describe("beside an accepted value", () => {
  test("ranges that touch meet", () => {
    const found = compare({ value: 190, uncertainty: 15 }, { value: 210, uncertainty: 5 });
    expect(found.difference).toBe(-20);
    expect(found.percent).toBeCloseTo(-9.5238, 4);
    expect(found.meet).toBe(true);
    expect(found.inCombined).toBeCloseTo(20 / Math.sqrt(250), 12);
  });

  test("an exact value within the ± is met, one outside is not", () => {
    expect(compare({ value: 9.7, uncertainty: 0.2 }, { value: 9.81, uncertainty: 0 }).meet).toBe(true); // prettier-ignore
    expect(compare({ value: 9.5, uncertainty: 0.2 }, { value: 9.81, uncertainty: 0 }).meet).toBe(false); // prettier-ignore
  });

  test("beside zero there is no percentage", () => {
    expect(compare({ value: 1, uncertainty: 0 }, { value: 0, uncertainty: 0 })).toMatchObject({
      percent: undefined,
      inCombined: undefined,
      meet: false,
    });
  });
});
