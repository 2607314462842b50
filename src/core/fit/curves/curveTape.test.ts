import { formula as read } from "../../../../tests/fixtures/formulas";
import { SeededChance } from "../../statistics/seededChance";
import { curveModel, slopesOf } from "./curveModel";
import { CurvePass } from "./curvePass";
import { CurveTape, mostPoints } from "./curveTape";
import { orthogonalFactors } from "./orthogonalFactors";

const formulas = [
  ...["a", "a + b x", "-a x", "a - b - x", "a exp(-x / b) + c", "a (1 - exp(-b x))", "a x^b + c", "a^x", "x^2 / a"],
  ...["a / (x + b)^2", "a sin(b x + c) exp(-d x)", "sqrt(a + x) ln(b x)", "a log(x / b)", "abs(a - x)", "a / (1 + exp(-(x - b) / c))"],
  ...["a cos(x)^b", "tan(a x) + atan(b x)", "asin(a x) + acos(b x)", "(a + b) (a - b) x", "pi a x", "a b / b", "change(a x)", "middle(a x)"],
]; // prettier-ignore

const modelOf = (formula: string) => curveModel(read(formula), "x");

const near = (value: number, other: number) =>
  Object.is(value, other) || Math.abs(value - other) <= 1e-12 * Math.abs(other) || value === other;

test.each(formulas)("%s: heights and slopes are those of the formula, over more than one stretch", (formula) => {
  const model = modelOf(formula);
  const chance = new SeededChance(7);
  const x = Float64Array.from({ length: mostPoints + 30 }, (_, i) => (i % 9 === 0 ? 0 : 3 * chance.uniform() - (i % 5 === 0 ? 1 : 0)));
  const at = model.parameters.map(() => 0.2 + chance.uniform());
  const tape = new CurveTape(model, mostPoints);
  const { values, slopes } = slopesOf(model, x, at);
  for (const [from, count] of [[0, mostPoints], [mostPoints, 30]] as const) {
    tape.run(x, from, count, at);
    for (let i = 0; i < count; i++) {
      const height = tape.value.data[i * tape.value.stride]!;
      expect([formula, i, near(height, values[from + i]!)]).toEqual([formula, i, true]);
      model.parameters.forEach((_, place) => {
        const slot = tape.slopes[place];
        const along = slot ? slot.data[i * slot.stride]! : 0;
        const found = Number.isNaN(along) && Number.isFinite(height) ? 0 : along;
        expect([formula, i, place, near(found, slopes[place]![from + i]!)]).toEqual([formula, i, place, true]);
      });
    }
  }
}); // prettier-ignore

test("the factors of a thousand points, stretch by stretch, are those of all at once", () => {
  const model = modelOf("a exp(-x / b) + c");
  const chance = new SeededChance(3);
  const x = Float64Array.from({ length: 1000 }, () => 5 * chance.uniform());
  const y = x.map((u) => 2 * Math.exp(-u / 1.4) + 0.3 + 0.05 * chance.normal());
  const root = x.map(() => 1 + chance.uniform());
  const at = [2.1, 1.3, 0.28];
  const { squares, factors } = new CurvePass(model, { x, y, root }, [0, 2]).at(at);
  const { values, slopes } = slopesOf(model, x, at);
  const weighed = (of: Float64Array) => of.map((value, i) => value * root[i]!);
  const residuals = weighed(values.map((value, i) => y[i]! - value));
  const whole = orthogonalFactors([0, 2].map((place) => weighed(slopes[place]!)), residuals);
  expect(squares).toBeCloseTo(residuals.reduce((sum, off) => sum + off * off, 0), 10);
  expect(factors.beside).toBeCloseTo(whole.beside, 10);
  factors.along.forEach((part, j) => expect(part).toBeCloseTo(whole.along[j]!, 10));
  factors.r.forEach((row, i) => row.forEach((part, j) => expect(part).toBeCloseTo(whole.r[i]![j]!, 10)));
  expect(new CurvePass(modelOf("ln(x - a)"), { x, y, root }, [0]).at([3]).squares).toBe(Infinity);
}); // prettier-ignore
