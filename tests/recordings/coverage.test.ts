import { coverageOf } from "./coverage";
import { lessons } from "./lessons";

/** Of a hundred instruments fewer than this hold the truth by bad luck once in a thousand times, where 95 % do. */
const fewest = 88;

test.each(lessons)("$name: the truth lies within two of its ±, and within its limit", (lesson) => {
  const { atTwo, atLimit, missing } = coverageOf(lesson, 100);
  expect(missing).toBe(0);
  expect(atTwo).toBeGreaterThanOrEqual(fewest);
  expect(atLimit).toBeGreaterThanOrEqual(95);
});

test("a ± that is too small is found out", () => {
  const [lesson] = lessons;
  const boasting = {
    ...lesson!,
    readOff: (seed: number) => {
      const found = lesson!.readOff(seed);
      return found && { ...found, random: found.random / 2, common: 0 };
    },
  };
  expect(coverageOf(boasting, 100).atTwo).toBeLessThan(fewest);
});
