import fc from "fast-check";
import { readUnit } from "../unit/unitText";
import { parseFormula } from "./parseFormula";
import { unitOf, unitOfText, type WorkedOutUnit } from "./unitOf";

const unit = (text: string): WorkedOutUnit => unitOfText(text, readUnit(text)!)!;

function worked(formula: string, a: string, b: string): WorkedOutUnit {
  const read = parseFormula(formula);
  if (read.kind !== "formula") throw new Error(formula);
  const outcome = unitOf(
    read.expression,
    new Map([
      ["a", unit(a)],
      ["b", unit(b)],
    ]),
  );
  if (outcome.kind !== "unit") throw new Error(`${formula} with ${a} and ${b}`);
  return outcome.unit;
}

const units = fc.constantFrom(
  "m",
  "mm",
  "s",
  "min",
  "kg",
  "g",
  "N",
  "kJ mol^-1",
  "V",
  "cm^3",
  "Hz",
);
const power = fc.constantFrom(-2, -1, 1, 2, 3);

describe("the algebra of units", () => {
  test("the unit of a product of powers is the product of the powers of the units", () => {
    fc.assert(
      fc.property(units, units, power, power, (a, b, p, q) => {
        const found = worked(`a^(${p})*b^(${q})`, a, b);
        const [one, two] = [unit(a), unit(b)];
        const exponents = one.dimension.map((x, i) => p * x + q * two.dimension[i]!);
        expect(found.dimension.map((x) => x + 0)).toEqual(exponents.map((x) => x + 0));
        const factor = (one.factor ?? 1) ** p * (two.factor ?? 1) ** q;
        expect((found.factor ?? 1) / factor).toBeCloseTo(1, 12);
      }),
      { seed: 3, numRuns: 500 },
    );
  });

  test("a quotient undoes a product, and a root a power", () => {
    fc.assert(
      fc.property(units, units, (a, b) => {
        expect(worked("a*b/b", a, b).dimension).toEqual(unit(a).dimension);
        expect(worked("sqrt(a^2)", a, b).dimension).toEqual(unit(a).dimension);
      }),
      { seed: 4, numRuns: 300 },
    );
  });

  test("what is of one kind adds up to that kind, whatever its prefix", () => {
    fc.assert(
      fc.property(units, fc.constantFrom("+", "-"), (a, sign) => {
        expect(worked(`a ${sign} 3*a`, a, "m").dimension).toEqual(unit(a).dimension);
      }),
      { seed: 5, numRuns: 100 },
    );
  });
});
