import fc from "fast-check";
import { readNumber, type DecimalMark } from "./readNumber";

function read(text: string, mark: DecimalMark = "point") {
  const reading = readNumber(text, mark);
  return reading.kind === "number" ? reading.number : reading;
}

describe("what a person may type into a cell", () => {
  test.each([
    ["18.0", 18, 1, 3],
    ["18", 18, 0, 2],
    ["-0.05", -0.05, 2, 1],
    ["−3.20", -3.2, 2, 3],
    ["+7", 7, 0, 1],
    [" 12.3 ", 12.3, 1, 3],
    ["1 234.5", 1234.5, 1, 5],
    ["1.2e-3", 0.0012, 4, 2],
    ["1.2×10^-3", 0.0012, 4, 2],
    ["1.2 · 10⁻³", 0.0012, 4, 2],
    ["6.63x10^-34", 6.63e-34, 36, 3],
    ["0.0", 0, 1, 1],
    [".5", 0.5, 1, 1],
  ])("%s is %d with %d decimals and %d figures", (text, value, decimals, significantFigures) => {
    expect(read(text)).toEqual({ value, decimals, significantFigures });
  });

  test.each(["12.3 +0.2 -0.1", "12.3 +0.2/−0.1"])("%s is less sure upwards", (text) => {
    expect(read(text)).toMatchObject({ value: 12.3, uncertainty: 0.2, uncertaintyDown: 0.1 });
  });

  test("18.0 and 18 are different readings", () => {
    expect(read("18.0")).not.toEqual(read("18"));
  });

  test("minus nothing is zero, not −0", () => {
    expect(Object.is((read("-0.0") as { value: number }).value, 0)).toBe(true);
  });

  test.each([
    ["12.3 ± 0.2", 12.3, 0.2],
    ["12.3 +/- 0.2", 12.3, 0.2],
    ["12.3(2)", 12.3, 0.2],
    ["1.234(56)", 1.234, 0.056],
    ["120(5)", 120, 5],
    ["(1.23 ± 0.07)×10^4", 12300, 700],
    ["6.674(15)e-11", 6.674e-11, 1.5e-13],
  ])("%s carries its own ±", (text, value, uncertainty) => {
    const number = read(text) as { value: number; uncertainty: number };
    expect(number.value).toBeCloseTo(value, 12);
    expect(number.uncertainty / uncertainty).toBeCloseTo(1, 12);
  });

  test("digits alone read as they do with a power of ten behind them", () => {
    const digits = fc.stringMatching(/^-?\d{1,9}(\.\d{1,5})?$/);
    fc.assert(
      fc.property(digits, (text) => {
        expect(readNumber(text)).toEqual(readNumber(`${text}e0`));
      }),
    );
  });

  test("a comma is the decimal mark only where the sheet says so", () => {
    expect(read("12,3", "comma")).toMatchObject({ value: 12.3, decimals: 1 });
    expect(read("12,3")).toEqual({
      kind: "unreadable",
      finding: { name: "comma-where-point-is-used", text: "12,3", meant: "12.3" },
    });
  });

  test.each([
    ["", { kind: "empty" }],
    ["   ", { kind: "empty" }],
    ["abc", { kind: "unreadable", finding: { name: "not-a-number", text: "abc" } }],
    [
      "12.3 s",
      { kind: "unreadable", finding: { name: "unit-beside-number", text: "12.3 s", unit: "s" } },
    ],
    ["1.2.3", { kind: "unreadable", finding: { name: "not-a-number", text: "1.2.3" } }],
    ["NaN", { kind: "unreadable", finding: { name: "not-a-number", text: "NaN" } }],
    ["Infinity", { kind: "unreadable", finding: { name: "not-a-number", text: "Infinity" } }],
    ["-", { kind: "unreadable", finding: { name: "not-a-number", text: "-" } }],
    ["1/3", { kind: "unreadable", finding: { name: "fraction-is-no-reading", text: "1/3" } }],
    ["1e999", { kind: "unreadable", finding: { name: "number-too-large" } }],
    ["4e-200", { kind: "unreadable", finding: { name: "number-too-small" } }],
    ["5 ± -1", { kind: "unreadable", finding: { name: "uncertainty-below-zero" } }],
  ])("%j gives a reason, never a number", (text, expected) => {
    expect(readNumber(text)).toEqual(expected);
  });
});
