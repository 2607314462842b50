import { roundStatement } from "./statement";

describe("by DIN 1333 a ± is rounded up, to two figures where it begins with 1 or 2", () => {
  test.each([
    [12.345, 0.123, "12.35 ± 0.13"],
    [7.456, 0.31, "7.5 ± 0.4"],
    [5, 0.2, "5.00 ± 0.20"],
    [1, 0.096, "1.0 ± 0.1"],
    [1234, 290, "1230 ± 290"],
    [0.5, 0.3, "0.5 ± 0.3"],
    [2.718, 0.0297, "2.718 ± 0.030"],
  ])("%d and %d are %s", (value, size, text) => {
    const { value: shown, uncertainty } = roundStatement(value, size, "din-1333");
    expect(`${shown} ± ${uncertainty}`).toBe(text);
  });
});
