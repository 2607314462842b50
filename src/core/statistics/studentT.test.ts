import { studentTFactor } from "./studentT";

test.each([
  [0.95, 5, 2.5706],
  [0.95, 1, 12.706],
  [0.99, 10, 3.1693],
  [0.683, 1000, 1.0],
])("at %d with %d degrees of freedom, as printed tables have it", (level, freedom, expected) => {
  expect(studentTFactor(level, freedom)).toBeCloseTo(expected, expected === 1 ? 2 : 3);
});

test.each([
  [0, 5],
  [1, 5],
  [1.2, 5],
  [0.95, 0],
])("level %d with %d degrees of freedom is our own mistake", (level, freedom) => {
  expect(() => studentTFactor(level, freedom)).toThrow(RangeError);
});
