import { nearest, type PlacedPoint, regionOf, rowsWithin } from "./figurePoints";

describe("readings under the hand", () => {
  const point = (row: string, across: number, up: number): PlacedPoint => ({
    row,
    number: 1,
    quantity: "y",
    series: "",
    x: 0,
    y: 0,
    across,
    up,
  });
  const points = [point("a", 10, 10), point("b", 20, 10), point("b", 21, 40)];

  test("the nearest within reach, or none", () => {
    expect(nearest(points, { x: 18, y: 12 }, 12)).toBe(1);
    expect(nearest(points, { x: 60, y: 60 }, 12)).toBeUndefined();
  });

  test("a region drawn in any direction holds its rows once", () => {
    const region = regionOf({ x: 25, y: 45, dx: -10, dy: -40 });
    expect(rowsWithin(points, region)).toEqual(["b"]);
  });
});
