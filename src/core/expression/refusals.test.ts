import { findingSentence } from "@/wording/findings";
import { parseFormula } from "./parseFormula";
import { canStandInFormula, renamedInFormula } from "./renamedInFormula";
import { plainFormula, symbolName } from "./spelling";

const refused = (text: string) => {
  const read = parseFormula(text);
  return read.kind === "unreadable" ? findingSentence(read.finding) : read.kind;
};

describe("what is no formula", () => {
  test.each([
    ["L +", "The formula breaks off after"],
    ["(L", "The formula breaks off"],
    ["L)", "The formula breaks off"],
    ["1/2 L", "can be read in two ways"],
    ["L/2 t", "can be read in two ways"],
    ["foo(L)", "There is no function “foo”"],
    ["sin(L, t)", "sin( ) takes one thing"],
    ["sin()", "sin( ) takes one thing"],
    ["L = 2", "can’t be read as a formula"],
    ["[1, 2]", "can’t be read as a formula"],
    ["{a: 1}", "can’t be read as a formula"],
    ["f(x) = x", "can’t be read as a formula"],
    ["a ? b : c", "can’t be read as a formula"],
    ["a > b", "“>” means nothing"],
    ["a!", "can’t be read as a formula"],
    ["a % b", "“%” means nothing"],
    ["'text'", "can’t be read as a formula"],
    ["import(1)", "There is no function “import”"],
    ["x".repeat(600), "too long to read"],
  ])("%s", (text, sentence) => {
    expect(refused(text)).toContain(sentence);
  });

  test("nothing is empty, not wrong", () => {
    expect(parseFormula("   ").kind).toBe("empty");
  });
});

describe("symbols in formulas", () => {
  test.each([
    ["lambda", "λ"],
    ["Delta h", "Δh"],
    ["t_{10}", "t_10"],
    ["µ", "μ"],
    ["t_10", "t_10"],
  ])("%s is called %s", (typed, name) => {
    expect(symbolName(typed)).toBe(name);
  });

  test.each([
    ["L", true],
    ["t_10", true],
    ["λ", true],
    ["T^2", false],
    ["2a", false],
    ["sin", false],
    ["", false],
    ["a b", true],
  ])("whether %j can stand in a formula: %s", (symbol, can) => {
    expect(canStandInFormula(symbol)).toBe(can);
  });

  test.each([
    ["t_10/10", "t_10", "t", "t/10"],
    ["t + t_1", "t", "T", "T + t_1"],
    ["sin(s)", "s", "x", "sin(x)"],
    ["lambda^2", "λ", "w", "w^2"],
    ["a*b", "a", "b c^2", "a*b"],
    ["a*b", "", "c", "a*b"],
    ["t_{10}*2", "t_10", "t", "t*2"],
  ])("%s with %s called %s is %s", (formula, from, to, expected) => {
    expect(renamedInFormula(formula, from, to)).toBe(expected);
  });

  test.each([
    ["4π²L", "4 pi ^(2)L"],
    ["a × b ÷ c − d", "a * b / c - d"],
    ["√(2)", "sqrt(2)"],
    ["x⁻¹", "x^(-1)"],
  ])("%s is spelled plainly", (typed, plain) => {
    expect(plainFormula(typed)).toBe(plain);
  });
});
