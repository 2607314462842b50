import { weightedMean } from "./weightedMean";

const of = (...pairs: readonly (readonly [number, number])[]) =>
  weightedMean(pairs.map(([value, uncertainty]) => ({ value, uncertainty })));

test("three students' resistances of a textbook: (11 ± 1), (12 ± 1), (10 ± 3) Ω give (11.4 ± 0.7) Ω", () => {
  const found = of([11, 1], [12, 1], [10, 3])!;
  expect(found.mean).toBeCloseTo(11.421, 3);
  expect(found.uncertainty).toBeCloseTo(0.688, 3);
  expect(found.freedom).toBe(2);
  expect(found.probability).toBeGreaterThan(0.5);
});

test("values that their ± hold apart are told by χ²", () => {
  const found = of([1, 0.1], [2, 0.1])!;
  expect(found.mean).toBeCloseTo(1.5, 12);
  expect(found.chiSquared).toBeCloseTo(50, 10);
  expect(found.probability).toBeLessThan(1e-10);
});

test("one value is its own mean, and says nothing of agreement; none has no mean", () => {
  expect(of([3, 0.2])).toEqual({ mean: 3, uncertainty: 0.2, chiSquared: 0, freedom: 0, probability: undefined }); // prettier-ignore
  expect(of()).toBeUndefined();
});

test("very large, very small and close values keep their figures", () => {
  const found = of([1e9 + 0.1, 0.1], [1e9 + 0.3, 0.1])!;
  expect(found.mean - 1e9).toBeCloseTo(0.2, 6);
  expect(of([6.6e-34, 1e-36], [6.7e-34, 1e-36])!.uncertainty).toBeCloseTo(7.07e-37, 38);
});
