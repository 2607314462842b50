import { onEvenGrid } from "./evenGrid";

const stretch = (times: readonly number[], values: readonly number[]) => ({
  times: Float64Array.from(times),
  channels: [Float32Array.from(values)],
});

test("even times stay as they are, with their step", () => {
  const even = onEvenGrid(stretch([5, 5.5, 6, 6.5], [1, 2, 3, 4]), 1);
  expect(even).toMatchObject({ kind: "even", step: 0.5 });
  expect(even.kind === "even" && [...even.channels[0]!]).toEqual([1, 2, 3, 4]);
});

test("lines that are missing are lost readings, in their places", () => {
  const found = onEvenGrid(stretch([0, 0.1, 0.2, 0.5, 0.6, 0.8], [1, 2, 3, 6, 7, 9]), 1);
  expect(found).toMatchObject({ kind: "even", step: expect.closeTo(0.1, 12) as number });
  expect(found.kind === "even" && [...found.channels[0]!]).toEqual([1, 2, 3, NaN, NaN, 6, 7, NaN, 9]);
}); // prettier-ignore

test("a file without times has the step that was told", () => {
  expect(onEvenGrid(stretch([], [4, 5]), 0.02)).toMatchObject({ kind: "even", step: 0.02 });
});

test.each([
  ["readings at leisure", [0, 1, 1.4, 5, 5.2]],
  ["two at one time", [0, 1, 1, 2, 3]],
  ["one reading", [3]],
  ["a reading beside its place", [0, 1, 2, 3.3, 4, 5]],
])("%s are not even", (_what, times) => {
  const values = times.map((_time, i) => i);
  expect(onEvenGrid(stretch(times, values), 1)).toEqual({ kind: "uneven" });
});

test("a pause of a year between two readings makes no grid of billions", () => {
  expect(onEvenGrid(stretch([0, 0.001, 0.002, 3e7], [1, 2, 3, 4]), 1)).toEqual({ kind: "uneven" });
});
