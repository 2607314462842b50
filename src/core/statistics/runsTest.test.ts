import { runsTest } from "./runsTest";
import { probabilityOfLargerT } from "./studentT";

describe("the runs test", () => {
  test.each([
    [[1, 1, 1, 1, 1, -1, -1, -1, -1, -1], 2, 2 / 252],
    [[1, 1, 1, -1, -1, -1, -1, -1, 1, 1], 3, 10 / 252],
    [[1, 1, 1, -1, -1, 1, 1, -1, -1, -1], 4, 42 / 252],
  ])("five above and five below in few runs, as Swed and Eisenhart tabulate", (values, runs, p) => {
    const found = runsTest(values);
    expect(found).toMatchObject({ runs, above: 5, below: 5 });
    expect(found?.probability).toBeCloseTo(p, 12);
  });

  test("as many runs as there can be are no less likely than certain", () => {
    expect(runsTest([1, -1, 1, -1, 1, -1])?.probability).toBeCloseTo(1, 12);
  });

  test("a curve under a line reads above, below, above", () => {
    const curve = [0, 1, 2, 3, 4, 5, 6, 7, 8].map((x) => (x - 4) ** 2 - 6.6);
    expect(runsTest(curve)?.pattern).toEqual(["above", "below", "above"]);
  });

  test("a point on the line has no sign; one sign alone says nothing", () => {
    expect(runsTest([1, 0, 1, -1])).toMatchObject({ above: 2, below: 1, runs: 2 });
    expect(runsTest([1, 2, 3])).toBeUndefined();
    expect(runsTest([])).toBeUndefined();
  });

  test("hundreds of values do not overflow", () => {
    const signs = Array.from({ length: 2000 }, (_, i) => (i < 1000 ? 1 : -1));
    expect(runsTest(signs)?.probability).toBeLessThan(1e-300);
    const mixed = Array.from({ length: 2000 }, (_, i) => (i % 2 === 0 ? 1 : -1));
    expect(runsTest(mixed)?.probability).toBeCloseTo(1, 6);
  });
});

test("Student's t: 5 % lie beyond 2.571 at 5 degrees of freedom, 10 % beyond 6.314 at 1", () => {
  expect(probabilityOfLargerT(2.570582, 5)).toBeCloseTo(0.05, 6);
  expect(probabilityOfLargerT(-6.313752, 1)).toBeCloseTo(0.1, 6);
  expect(probabilityOfLargerT(0, 4)).toBe(1);
  expect(() => probabilityOfLargerT(1, 0)).toThrow(RangeError);
});
