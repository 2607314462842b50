import { levelFactor, levelFor, Pyramid } from "./pyramid";

const pyramidOf = (values: readonly number[]) => {
  const pyramid = new Pyramid();
  for (const value of values) pyramid.push(value);
  return pyramid;
};

test("every level holds least and greatest of what lies under it, the last pair of what has begun", () => {
  const values = Array.from({ length: 1000 }, (_value, i) => Math.sin(i * 12.9898) * 100);
  const pyramid = pyramidOf(values);
  for (let at = 0; at < pyramid.height; at++) {
    const level = pyramid.level(at);
    const size = levelFactor ** (at + 1);
    expect(level).toHaveLength(2 * Math.ceil(values.length / size));
    for (let pair = 0; pair < level.length / 2; pair++) {
      const under = values.slice(pair * size, (pair + 1) * size);
      expect(level[2 * pair]).toBe(Math.fround(Math.min(...under)));
      expect(level[2 * pair + 1]).toBe(Math.fround(Math.max(...under)));
    }
  }
});

test("lost readings take no part, and where all were lost there is nothing", () => {
  const lost = new Array<number>(8).fill(NaN);
  const pyramid = pyramidOf([...lost, 3, NaN, 5]);
  expect([...pyramid.level(0)]).toEqual([NaN, NaN, 3, 5]);
});

test("the level for so many pairs is the coarsest that has them", () => {
  expect(levelFor(8000, 1000)).toBe(-1);
  expect(levelFor(64_000, 1000)).toBe(1);
  expect(levelFor(10_000_000, 1000)).toBe(3);
});
