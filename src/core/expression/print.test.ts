import { formula as tree } from "../../../tests/fixtures/formulas";
import fc from "fast-check";
import type { Finding } from "../finding/finding";
import { placeOfFinding } from "./findingPlace";
import { printFormula } from "./print";
import { columnNames, type Expression, functionNames, neighbourNames } from "./tree";

const anyTree = fc.letrec<{ node: Expression }>((tie) => ({
  node: fc.oneof(
    { depthSize: "small", withCrossShrink: true },
    fc.constantFrom("a", "t_10", "λ", "Δh").map((name): Expression => ({ kind: "symbol", name })),
    fc
      .oneof(fc.nat(1000), fc.double({ min: 1e-9, max: 1e9, noNaN: true }))
      .map((value): Expression => ({ kind: "number", value, text: String(value) })),
    fc.constant<Expression>({ kind: "pi" }),
    tie("node").map((of): Expression => ({ kind: "negative", of })),
    fc
      .tuple(fc.constantFrom("+", "-", "*", "/", "^"), tie("node"), tie("node"))
      .map(([operator, left, right]): Expression => ({ kind: "operation", operator, left, right })),
    fc
      .tuple(fc.constantFrom(...functionNames), tie("node"))
      .map(([name, of]): Expression => ({ kind: "call", name, of })),
    fc
      .tuple(fc.constantFrom(...neighbourNames), tie("node"))
      .map(([name, of]): Expression => ({ kind: "neighbour", name, of })),
    fc
      .tuple(fc.constantFrom(...columnNames), tie("node"))
      .map(([name, of]): Expression => ({ kind: "column", name, of })),
  ),
})).node;

describe("a formula printed", () => {
  test("reads as the same tree again, whatever the tree", () => {
    fc.assert(
      fc.property(anyTree, (expression) => {
        expect(tree(printFormula(expression))).toEqual(expression);
      }),
      { seed: 5, numRuns: 3000 },
    );
  });

  test.each([
    ["16 pi^2 m L^3 / T^2", "16*pi^2*m*L^3/T^2"],
    ["a-(b-c)", "a - (b - c)"],
    ["(a-b)-c", "a - b - c"],
    ["a/(b*c)", "a/(b*c)"],
    ["(-a)^2", "(-a)^2"],
    ["-a^2", "-a^2"],
    ["2^3^x", "2^3^x"],
    ["√(a+b)", "sqrt(a + b)"],
  ])("%s is %s", (typed, printed) => {
    expect(printFormula(tree(typed))).toBe(printed);
  });
});

describe("where a formula is wrong", () => {
  const marked = (typed: string, finding: Finding) => {
    const place = placeOfFinding(typed, finding);
    return place && typed.slice(place.from, place.to);
  };

  test.each<[string, Finding, string | undefined]>([
    ["4*t/T", { name: "unknown-symbol", symbol: "t" }, "t"],
    ["2 lambda/q", { name: "unknown-symbol", symbol: "λ" }, "lambda"],
    ["sinh(a)", { name: "unknown-function", function: "sinh" }, "sinh"],
    ["a & b", { name: "unknown-sign", sign: "&" }, "&"],
    ["a + T", { name: "cycle", symbols: ["T", "b"] }, "T"],
    ["(a + b", { name: "broken-formula", before: "a + b" }, ""],
    ["a b/c", { name: "ambiguous-quotient" }, undefined],
  ])("%s", (typed, finding, expected) => {
    expect(marked(typed, finding)).toBe(expected);
  });
});
