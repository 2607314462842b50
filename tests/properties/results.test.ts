import { formula } from "../fixtures/formulas";
import fc from "fast-check";
import { evaluateAt } from "@/core/expression/evaluate";
import { printFormula } from "@/core/expression/print";
import type { Expression } from "@/core/expression/tree";
import { compare } from "@/core/result/comparison";
import { solveFor } from "@/core/result/solveFor";

const value = fc.double({ min: 0.2, max: 9, noNaN: true });
/** As a result is stated: to two decimals. */
const signed = fc.integer({ min: -900, max: 900 }).map((hundredths) => hundredths / 100);
const size = fc.double({ min: 0.01, max: 3, noNaN: true });
const ranged = fc.record({ value: signed, uncertainty: size });

function worth(expression: Expression, numbers: Readonly<Record<string, number>>): number {
  const found = evaluateAt(expression, numbers);
  if (found.kind !== "value") throw new Error(printFormula(expression));
  return found.value;
}

describe("whatever a result and its accepted value", () => {
  test("they meet just where one number lies in both ranges", () => {
    fc.assert(
      fc.property(ranged, ranged, (one, other) => {
        const from = Math.max(one.value - one.uncertainty, other.value - other.uncertainty);
        const to = Math.min(one.value + one.uncertainty, other.value + other.uncertainty);
        fc.pre(Math.abs(to - from) > 1e-9);
        expect(compare(one, other).meet).toBe(from < to);
      }),
    );
  });

  test("neither the unit nor which of them is asked first changes the judgement", () => {
    fc.assert(
      fc.property(ranged, ranged, value, (one, other, factor) => {
        const times = ({ value: size, uncertainty }: typeof one) => ({
          value: size * factor,
          uncertainty: uncertainty * factor,
        });
        const plain = compare(one, other);
        const scaled = compare(times(one), times(other));
        const turned = compare(other, one);
        expect(scaled.inCombined).toBeCloseTo(plain.inCombined!, 8);
        expect(turned.inCombined).toBeCloseTo(plain.inCombined!, 8);
        expect(turned.difference).toBeCloseTo(-plain.difference, 12);
        if (other.value === 0) expect(scaled.percent).toBeUndefined();
        else expect(scaled.percent).toBeCloseTo(plain.percent!, 8);
      }),
    );
  });
});

describe("whatever the theory says of the slope", () => {
  const power = fc.constantFrom(-3, -2, -1, -0.5, 0.5, 1, 2, 3);

  test("a product of powers is solved for any of its factors, and gives back what went in", () => {
    fc.assert(
      fc.property(power, power, power, value, value, value, (i, j, k, a, b, q) => {
        const right = formula(`4*pi*a^(${i})*b^(${j})/q^(${k})`);
        const slope = worth(right, { a, b, q });
        for (const [symbol, wanted] of Object.entries({ a, b, q })) {
          const found = solveFor({ left: formula("slope"), right }, symbol)!;
          expect(worth(found, { a, b, q, slope, [symbol]: NaN }) / wanted).toBeCloseTo(1, 8);
        }
      }),
    );
  });

  test("an unknown inside an exponential, a logarithm or beside another term comes out again", () => {
    fc.assert(
      fc.property(value, value, value, (a, b, q) => {
        for (const text of ["a*exp(-q/b)", "ln(a*q) - b", "1/(1/a + b/q)", "(a + b)*q - a"]) {
          const right = formula(text);
          const slope = worth(right, { a, b, q });
          const found = solveFor({ left: formula("slope"), right }, "q")!;
          expect(worth(found, { a, b, slope }) / q).toBeCloseTo(1, 5);
        }
      }),
    );
  });
});
