import { curvatureOf } from "./curvature";

const xs = [0, 1, 2, 3, 4, 5, 6, 7];
const scatter = [0.1, -0.2, 0.15, -0.05, 0.2, -0.1, -0.15, 0.05];

test("the coefficient of a parabola is found beside its line", () => {
  const y = xs.map((x, i) => 2 + 3 * x + 0.5 * x * x + 0.01 * scatter[i]!);
  const found = curvatureOf(xs, y)!;
  expect(found.coefficient).toBeCloseTo(0.5, 2);
  expect(found.probability).toBeLessThan(1e-6);
});

test("points on a line with scatter show no bend", () => {
  const found = curvatureOf(
    xs,
    xs.map((x, i) => 2 + 3 * x + scatter[i]!),
  )!;
  expect(found.probability).toBeGreaterThan(0.2);
});

test("shifting and scaling change the coefficient as algebra says, the probability not at all", () => {
  const y = xs.map((x, i) => 1 - 2 * x + 0.1 * x * x + scatter[i]!);
  const plain = curvatureOf(xs, y)!;
  const moved = curvatureOf(
    xs.map((x) => 1e6 + 10 * x),
    y.map((value) => 5 * value - 7),
  )!;
  expect(moved.coefficient).toBeCloseTo((5 * plain.coefficient) / 100, 9);
  expect(moved.probability).toBeCloseTo(plain.probability, 6);
});

test("a reading with hardly any weight hardly bends the rest", () => {
  const y = xs.map((x, i) => 2 + 3 * x + scatter[i]! + (i === 7 ? 20 : 0));
  const weights = xs.map((_, i) => (i === 7 ? 1e-9 : 1));
  expect(curvatureOf(xs, y)!.probability).toBeLessThan(0.2);
  expect(curvatureOf(xs, y, weights)!.probability).toBeGreaterThan(0.2);
});

test("what can't bend says nothing", () => {
  expect(curvatureOf([1, 2, 3], [1, 2, 4])).toBeUndefined();
  expect(curvatureOf([1, 1, 2, 2], [1, 2, 3, 4])).toBeUndefined();
  expect(curvatureOf([1, 1, 1, 1], [1, 2, 3, 4])).toBeUndefined();
  expect(curvatureOf([1, 2, 3, 4], [2, 4, 6, 8])).toBeUndefined();
});
