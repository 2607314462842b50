import { formula as tree } from "../../../tests/fixtures/formulas";
import fc from "fast-check";
import { evaluateAt } from "./evaluate";
import { parseFormula } from "./parseFormula";
import { renamedInFormula } from "./renamedInFormula";
import { toTex } from "./tex";
import { type Expression, symbolsOf } from "./tree";

/** Evaluates with a, b, c at given values. */
const at = (expression: Expression, [a = 0, b = 0, c = 0]: readonly number[]) =>
  evaluateAt(expression, { a, b, c });

const value = (text: string, values: readonly number[] = [2, 3, 4]) => {
  const found = at(tree(text), values);
  return found.kind === "value" ? found.value : found.finding.name;
};

describe("a formula as it is typed", () => {
  test.each([
    ["4π²a/b²", (4 * Math.PI ** 2 * 2) / 9],
    ["4 pi^2 a / b^2", (4 * Math.PI ** 2 * 2) / 9],
    ["-a^2", -4],
    ["2^3^0.5", 2 ** (3 ** 0.5)],
    ["2a b", 12],
    ["a(b + 1)", 8],
    ["√(a) × b ÷ c − 1", (Math.SQRT2 * 3) / 4 - 1],
    ["lg(100) + log10(10)", 3],
    ["1.5e-3 a", 0.003],
    ["abs(a - b)", 1],
  ])("%s", (text, expected) => {
    expect(value(text)).toBeCloseTo(expected, 12);
  });

  test.each([
    ["a/(b - 3)", "division-by-zero"],
    ["sqrt(a - b)", "root-of-negative"],
    ["ln(b - 3)", "log-of-nothing"],
    ["(a - b)^0.5", "root-of-negative"],
    ["exp(1000 a)", "number-too-large"],
    ["asin(a)", "arc-beyond-one"],
  ])("%s gives a reason, not a number", (text, reason) => {
    expect(value(text)).toBe(reason);
  });

  test("is typeset as it stands in a report", () => {
    expect(toTex(tree("4*pi^2*a/t_10^2"))).toBe("\\frac{4\\,\\pi ^{2}\\,a}{t_{\\mathrm{10}}^{2}}");
    expect(toTex(tree("(a+b)*c"))).toBe("\\left(a + b\\right)\\,c");
    expect(toTex(tree("exp((-b)*d)"))).toBe("\\exp\\left(-b\\,d\\right)");
    expect(toTex(tree("a*((-b)*d)"))).toBe("a\\,\\left(-b\\,d\\right)");
    expect(toTex(tree("a - (-b)*d"))).toBe("a - \\left(-b\\,d\\right)");
    expect(toTex(tree("lambda/(2 sin(theta))"))).toBe(
      "\\frac{\\lambda}{2\\,\\sin\\left(\\theta\\right)}",
    );
  });
});

/** Random trees over a, b, c with values where every function is smooth. */
const smooth = fc.letrec<{ node: string }>((tie) => ({
  node: fc.oneof(
    { depthSize: "small", withCrossShrink: true },
    fc.constantFrom("a", "b", "c", "2", "0.5", "pi"),
    fc
      .tuple(tie("node"), fc.constantFrom("+", "*", "-"), tie("node"))
      .map((p) => `(${p.join("")})`),
    fc.tuple(tie("node"), tie("node")).map(([x, y]) => `(${x}/(2 + (${y})^2))`),
    fc
      .tuple(fc.constantFrom("sin", "cos", "atan"), tie("node"))
      .map(([name, x]) => `${name}(${x})`),
    tie("node").map((x) => `sqrt(1 + (${x})^2)`),
    tie("node").map((x) => `ln(2 + (${x})^2)`),
  ),
})).node;

describe("whatever the formula", () => {
  test("its slopes agree with fine differences", () => {
    fc.assert(
      fc.property(
        smooth,
        fc.tuple(
          fc.double({ min: 0.5, max: 2, noNaN: true }),
          fc.double({ min: 0.5, max: 2, noNaN: true }),
          fc.double({ min: 0.5, max: 2, noNaN: true }),
        ),
        (text, point) => {
          const expression = tree(text);
          const found = at(expression, point);
          fc.pre(found.kind === "value");
          for (let i = 0; i < 3; i++) {
            const step = 1e-4;
            const moved = (by: number) => {
              const there = at(
                expression,
                point.map((x, j) => (j === i ? x + by : x)),
              );
              return there.kind === "value" ? there.value : NaN;
            };
            const difference =
              (8 * (moved(step) - moved(-step)) - (moved(2 * step) - moved(-2 * step))) /
              (12 * step);
            const size = Math.max(1, Math.abs(found.value), Math.abs(difference));
            expect(Math.abs(found.slopes[i]! - difference) / size).toBeLessThan(1e-5);
          }
        },
      ),
      { seed: 20261123, numRuns: 300 },
    );
  });

  test("renaming a symbol changes no value", () => {
    fc.assert(
      fc.property(smooth, (text) => {
        const renamed = renamedInFormula(renamedInFormula(text, "a", "t_10"), "t_10", "a");
        expect(tree(renamed)).toEqual(tree(text));
        expect(symbolsOf(tree(renamedInFormula(text, "b", "q")))).not.toContain("b");
      }),
      { seed: 7, numRuns: 200 },
    );
  });

  test("random text is a formula or a formula error", () => {
    const letters = fc.string({
      unit: fc.constantFrom(..."abct_10+-*/^()., eπ²√lnsi=[]{}\"'#;:!&|<>?%@~\\"),
      maxLength: 40,
    });
    fc.assert(
      fc.property(letters, (text) => {
        const read = parseFormula(text);
        expect(["formula", "empty", "unreadable"]).toContain(read.kind);
      }),
      { seed: 11, numRuns: 100_000 },
    );
    expect(parseFormula("(".repeat(490)).kind).toBe("unreadable");
    expect(parseFormula("-".repeat(490) + "a").kind).toBe("unreadable");
  });
});
