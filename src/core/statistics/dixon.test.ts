import { farthestByDixon } from "./dixon";

describe("a value that stands apart (Dixon)", () => {
  test("three timings, one of them misread by a second", () => {
    expect(farthestByDixon([3.12, 4.13, 3.1])).toMatchObject({ index: 1 });
    expect(farthestByDixon([3.12, 3.06, 3.15])).toBeUndefined();
  });

  test("ten values: 0.167 has Q = 0.455, below the 0.466 of 95 %", () => {
    const values = [0.189, 0.167, 0.187, 0.183, 0.186, 0.182, 0.181, 0.184, 0.181, 0.177];
    expect(farthestByDixon(values)).toBeUndefined();
    expect(farthestByDixon(values.map((value) => (value === 0.167 ? 0.166 : value)))).toMatchObject(
      { index: 1, ratio: expect.closeTo(11 / 23, 10) },
    );
  });

  test("two values, or all alike, say nothing", () => {
    expect(farthestByDixon([1, 9])).toBeUndefined();
    expect(farthestByDixon([2, 2, 2])).toBeUndefined();
  });
});
