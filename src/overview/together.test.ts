import { plainRunText } from "@/core/unit/runText";
import { emptyInvestigation } from "@/investigation/model/emptyInvestigation";
import { stiffness } from "../../tests/fixtures/statedResult";
import { type OfBench, together } from "./together";

const rules = emptyInvestigation("").houseRules;

const benches = (...pairs: readonly (readonly [number, number])[]): OfBench[] =>
  pairs.map(([value, size], i) => ({ number: i + 1, result: stiffness(value, size) }));
const accepted = { value: "210", uncertainty: "5", source: "table" };

test("the mean is stated with its ±, and a bench far from the others is told, by how much of its own ±", () => {
  const all = benches([203, 15], [201, 12], [205, 16], [160, 18]);
  const found = together(all, { unit: "GPa", accepted }, rules)!;
  // Weights 1/u² by hand: mean 195.45, ± 7.38; without the fourth 202.6; χ² = 4.70.
  expect(plainRunText(found.mean!.runs)).toBe("(195\u00a0±\u00a07)\u00a0GPa");
  expect(found.apart).toEqual([{ bench: 4, by: "2.4" }]);
  expect(found.mean).toMatchObject({ of: 4, agreement: "agree", reducedChiSquared: "1.6" });
  expect(plainRunText(found.accepted!.runs)).toBe("(210\u00a0±\u00a05)\u00a0GPa");
  expect(found.accepted).toMatchObject({ value: 210, uncertainty: 5, meets: false });
});

test("an accepted value in another unit lies where it belongs", () => {
  const mega = { unit: "MPa", accepted: { ...accepted, value: "210e3", uncertainty: "" } };
  expect(together(benches([203, 15]), mega, rules)?.accepted).toMatchObject({ value: 210 });
});

test("of two that differ nobody says which one is off", () => {
  expect(together(benches([100, 1], [200, 1]), { unit: "" }, rules)?.apart).toEqual([]);
});

test("what knows no ± and what is of another kind is named and left out of the mean", () => {
  const speed = { ...stiffness(1, 1), dimension: [1, 0, -1, 0, 0, 0, 0] };
  const all = [...benches([200, 10], [210, 0], [205, 10]), { number: 9, result: speed }];
  const found = together(all, { unit: "" }, rules)!;
  expect(found).toMatchObject({ unsure: [2], elsewhere: [9], mean: { of: 2 } });
  expect(found.places.map(({ bench }) => bench)).toEqual([1, 2, 3]);
  expect(together([], { unit: "" }, rules)).toBeUndefined();
});

test("on a scale with a zero of its own values lie where the scale says", () => {
  const warm = { ...stiffness(0, 0), value: 293.15, uncertainty: 0.5, factor: 1, offset: 273.15, unitText: "°C" };
  const found = together([{ number: 1, result: warm }], { unit: "" }, rules)!;
  expect(found.places[0]?.value).toBeCloseTo(20, 9);
  expect(plainRunText(found.mean!.runs)).toContain("20.0\u00a0±\u00a00.5");
}); // prettier-ignore
