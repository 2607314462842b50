import { readNumber } from "./readNumber";
import { type FiguresOfUncertainty, roundStatement, toSignificantFigures } from "./statement";

describe("a result as a marker wants it", () => {
  test.each<[number, number, FiguresOfUncertainty, string, string]>([
    [12.3456, 0.5, "one", "12.3", "0.5"],
    [12.3456, 0.05, "one", "12.35", "0.05"],
    [12.3456, 0.005, "one", "12.346", "0.005"],
    [12.3456, 5, "one", "12", "5"],
    [12.3456, 0.14, "one", "12.3", "0.1"],
    [12.3456, 0.14, "one-or-two", "12.35", "0.14"],
    [12.3456, 0.14, "two", "12.35", "0.14"],
    [12.3456, 0.24, "one-or-two", "12.3", "0.2"],
    [12.3456, 0.24, "two", "12.35", "0.24"],
    [9.81, 0.02, "one", "9.81", "0.02"],
    [9.8149, 0.02, "one", "9.81", "0.02"],
    [9.815, 0.02, "one", "9.82", "0.02"],
    [-9.815, 0.02, "one", "-9.82", "0.02"],
    [343.2, 1.4, "one", "343", "1"],
    [343.2, 1.4, "one-or-two", "343.2", "1.4"],
    [343.2, 14, "one", "340", "10"],
    [343.2, 14, "one-or-two", "343", "14"],
    [343.2, 34, "one", "340", "30"],
    [343.2, 340, "one", "300", "300"],
    [0.001234, 0.00005, "one", "0.00123", "0.00005"],
    [0.001234, 0.0004, "one", "0.0012", "0.0004"],
    [0.001234, 0.0004, "two", "0.00123", "0.00040"],
    [100, 0.96, "one", "100", "1"],
    [100, 0.96, "two", "100.00", "0.96"],
    [100, 9.6, "one", "100", "10"],
    [2, 0.3, "one", "2.0", "0.3"],
    [2, 0.03, "one", "2.00", "0.03"],
    [0, 0.3, "one", "0.0", "0.3"],
    [1.5, 0, "one", "1.5", "0"],
    [12.345, 0.123, "din-1333", "12.35", "0.13"],
    [7.456, 0.31, "din-1333", "7.5", "0.4"],
    [5, 0.2, "din-1333", "5.00", "0.20"],
    [1, 0.096, "din-1333", "1.0", "0.1"],
    [1234, 290, "din-1333", "1230", "290"],
    [0.5, 0.3, "din-1333", "0.5", "0.3"],
    [2.718, 0.0297, "din-1333", "2.718", "0.030"],
  ])("%d ± %d with %s figures is %s ± %s", (value, size, rule, text, uncertainty) => {
    expect(roundStatement(value, size, rule)).toMatchObject({ value: text, uncertainty });
  });

  test.each([
    [1234.5, 2, "1200"],
    [1234.5, 4, "1235"],
    [1234.5, 5, "1234.5"],
    [0.0012345, 2, "0.0012"],
    [0.0012345, 4, "0.001235"],
    [9.996, 3, "10.0"],
    [9.994, 3, "9.99"],
    [0.09996, 3, "0.100"],
    [-2.5, 1, "-3"],
    [0, 3, "0"],
    [7, 3, "7.00"],
    [1e6, 2, "1000000"],
    [1.4, 1, "1"],
    [1.5, 1, "2"],
    [2.4, 1, "2"],
    [2.6, 1, "3"],
    [3.49, 1, "3"],
    [3.5, 1, "4"],
    [4.4, 1, "4"],
    [4.5, 1, "5"],
    [5.4, 1, "5"],
    [5.5, 1, "6"],
    [6.4, 1, "6"],
    [6.5, 1, "7"],
    [7.4, 1, "7"],
    [7.5, 1, "8"],
    [8.4, 1, "8"],
    [8.5, 1, "9"],
    [9.4, 1, "9"],
    [9.5, 1, "10"],
    [14, 1, "10"],
    [15, 1, "20"],
    [0.14, 1, "0.1"],
    [0.15, 1, "0.2"],
    [0.95, 1, "1"],
    [-1.5, 1, "-2"],
    [-1.4, 1, "-1"],
    [-9.5, 1, "-10"],
    [0.014, 1, "0.01"],
    [0.015, 1, "0.02"],
    [140, 1, "100"],
    [150, 1, "200"],
    [949, 1, "900"],
    [950, 1, "1000"],
  ])("%d to %d significant figures is %s", (value, figures, text) => {
    expect(toSignificantFigures(value, figures)).toBe(text);
  });
});

describe("how precisely something was read", () => {
  test.each([
    ["3", 0, 1],
    ["3.0", 1, 2],
    ["3.00", 2, 3],
    ["0.30", 2, 2],
    ["0.030", 3, 2],
    ["300", 0, 3],
    ["-0.5", 1, 1],
    ["12.50", 2, 4],
    ["1e3", -3, 1],
    ["1.50e3", -1, 3],
    ["2.5e-4", 5, 2],
    ["2.5 × 10^-4", 5, 2],
    ["1 250.0", 1, 5],
  ])("%s has %d decimals and %d figures", (text, decimals, significantFigures) => {
    const read = readNumber(text);
    if (read.kind !== "number") throw new Error(read.kind);
    expect(read.number).toMatchObject({ decimals, significantFigures });
  });

  test.each([
    ["12.3 ± 0.2", 0.2, undefined],
    ["12.3 +- 0.2", 0.2, undefined],
    ["12.30(15)", 0.15, undefined],
    ["(1.23 ± 0.04) × 10^3", 40, undefined],
    ["5.0 +0.4 -0.2", 0.4, 0.2],
    ["5.0 +0.4/-0.2", 0.4, 0.2],
  ])("%s carries its own ±", (text, up, down) => {
    const read = readNumber(text);
    if (read.kind !== "number") throw new Error(read.kind);
    expect(read.number.uncertainty).toBeCloseTo(up, 12);
    expect(read.number.uncertaintyDown).toBe(down);
  });

  test.each(["1,5", "12,30 ± 0,20", "0,5e-3", "−3,2"])(
    "%s is read where commas are marks",
    (text) => {
      expect(readNumber(text, "comma").kind).toBe("number");
    },
  );

  test.each(["1.2.3", "--3", "3 m", "abc", "5 ± -1", "1/2", "±", "e5", "1e", "0x10", "∞", "NaN"])(
    "%s is no reading",
    (text) => {
      expect(readNumber(text).kind).toBe("unreadable");
    },
  );
});
