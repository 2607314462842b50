import { formula } from "../../../tests/fixtures/formulas";
import { printFormula } from "../expression/print";
import { lineOfTheory } from "./lineOfTheory";
import { readTheory } from "./theory";

function found(
  equation: string,
  measured: string[],
  up: string,
  across: string,
  known: string[] = [],
) {
  // prettier-ignore
  const read = readTheory(equation);
  if (read.kind !== "theory") throw new Error(equation);
  const axes = { up: formula(up), across: formula(across) };
  const line = lineOfTheory(read.theory, measured, known, axes);
  return line && { slope: printFormula(line.slope), intercept: printFormula(line.intercept) };
}

describe("what slope and intercept of a plotted pair stand for", () => {
  test.each([
    ["v^2 = u^2 + 2*a*s", ["v", "s"], "v^2", "s", "2*a", "u^2"],
    ["k = A*exp(-E/(R*T))", ["k", "T"], "ln(k)", "1/T", "-(E/R)", "ln(A)"],
    ["U = U_0*exp(-t/(R*C))", ["U", "t"], "ln(U)", "t", "-(1/(R*C))", "ln(U_0)"],
    ["s = u*t + a*t^2/2", ["s", "t"], "s/t", "t", "a/2", "u"],
    ["F = G*m*n/r^2", ["F", "r"], "F", "1/r^2", "G*m*n", "0"],
  ] as const)("%s", (equation, measured, up, across, slope, intercept) => {
    expect(found(equation, [...measured], up, across)).toEqual({ slope, intercept });
  });

  test("a pair that bends by the theory stands for nothing", () => {
    expect(found("v^2 = u^2 + 2*a*s", ["v", "s"], "v", "s")).toBeUndefined();
    expect(found("U = U_0*exp(-t/(R*C))", ["U", "t"], "U", "t")).toBeUndefined();
  });
});
