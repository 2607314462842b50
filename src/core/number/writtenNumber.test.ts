import { roundStatement, toSignificantFigures } from "./statement";
import {
  writeNumber,
  writePart,
  writeStatement,
  writeUnroundedUncertainty,
  writeUnroundedValue,
} from "./writtenNumber";

describe("a value and its ± as a reader sees them", () => {
  test("the ± has one figure and the value the same decimal place", () => {
    expect(writeStatement(12.3456, 0.58, "one")).toEqual({ value: "12.3", uncertainty: "0.6" });
  });

  test("a ± that begins with 1 keeps two figures where the house rules say so", () => {
    expect(writeStatement(12.3456, 0.143, "one-or-two")).toEqual({
      value: "12.35",
      uncertainty: "0.14",
    });
  });

  test("a negative value carries a minus sign, not a hyphen", () => {
    expect(writeStatement(-2.31, 0.2, "one").value).toBe("−2.3");
  });

  test("a value that rounds to zero has no sign", () => {
    expect(writeStatement(-0.0004, 0.02, "one").value).toBe("0.00");
  });

  test("very small and very large pairs share a power of ten", () => {
    expect(writeStatement(6.62607e-34, 3.3e-37, "one")).toEqual({
      value: "6.626",
      uncertainty: "0.003",
      exponent: -34,
    });
    expect(writeStatement(2.1e6, 3e4, "one")).toEqual({
      value: "2.10",
      uncertainty: "0.03",
      exponent: 6,
    });
  });

  test("a ± that is only rounding of the arithmetic is shown as 0, and the value cleanly", () => {
    expect(writeStatement(2.0000000000000004, 1e-16, "one")).toEqual({
      value: "2",
      uncertainty: "0",
      exponent: undefined,
    });
  });

  test("rounding follows the decimal text: 2.345 becomes 2.35", () => {
    expect(roundStatement(2.345, 0.01, "one").value).toBe("2.35");
  });

  test("what is not a number never reaches a reader", () => {
    expect(() => roundStatement(NaN, 1, "one")).toThrow(RangeError);
    expect(() => roundStatement(1, Infinity, "one")).toThrow(RangeError);
  });
});

test("a half that binary numbers miss by a hair still rounds away from zero", () => {
  expect(writeStatement(5.77, (5.81 - 5.72) / 2, "one").uncertainty).toBe("0.05");
  expect(writeStatement(0.1 + 0.2, 0.1, "one")).toEqual({ value: "0.3", uncertainty: "0.1" });
});

describe("a bare number", () => {
  test.each([
    [0.00342, 2, { mantissa: "0.0034" }],
    [0, 3, { mantissa: "0" }],
    [-1234.5, 3, { mantissa: "−1230" }],
    [9.996, 3, { mantissa: "10.0" }],
    [3.2e-7, 2, { mantissa: "3.2", exponent: -7 }],
    [999999, 2, { mantissa: "1.0", exponent: 6 }],
  ])("%d to %d figures", (value, figures, expected) => {
    expect(writeNumber(value, figures)).toEqual(expected);
  });

  test("significant figures keep their zeros", () => {
    expect(toSignificantFigures(2.5, 3)).toBe("2.50");
    expect(toSignificantFigures(0.0996, 2)).toBe("0.10");
    expect(toSignificantFigures(0, 2)).toBe("0");
  });
});

describe("numbers in the working", () => {
  test.each([
    [0.001, "0.001"],
    [0.1 + 0.2, "0.3"],
    [0.0051, "0.0051"],
    [0.0997, "0.10"],
    [1.25, "1.3"],
    [0, "0"],
  ])("a part of %p is written %s", (size, text) => {
    expect(writePart(size).mantissa).toBe(text);
  });

  test("the ± has the figures from which the stated one follows", () => {
    expect(writeUnroundedUncertainty(0.0146, "one").mantissa).toBe("0.0146");
    expect(writeUnroundedUncertainty(0.0152, "one").mantissa).toBe("0.015");
    expect(writeUnroundedUncertainty(0.0146, "two").mantissa).toBe("0.015");
    expect(writeUnroundedUncertainty(0.14996, "one").mantissa).toBe("0.14996");
    expect(writeUnroundedUncertainty(0, "one").mantissa).toBe("0");
  });

  test("so has the value", () => {
    expect(writeUnroundedValue(0.5349, 0.01, "one").mantissa).toBe("0.5349");
    expect(writeUnroundedValue(0.5331, 0.01, "one").mantissa).toBe("0.533");
    expect(writeUnroundedValue(-12.449, 0.4, "one").mantissa).toBe("−12.449");
    expect(writeUnroundedValue(203.14, 15.5, "one").mantissa).toBe("203");
    expect(writeUnroundedValue(9.81, 0, "one").mantissa).toBe("9.810");
  });
});
