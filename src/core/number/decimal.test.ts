import fc from "fast-check";
import {
  decimalFromNumber,
  decimalFromText,
  decimalToText,
  leadingPlace,
  roundToPlace,
} from "./decimal";

const rounded = (text: string, place: number) =>
  decimalToText(roundToPlace(decimalFromText(text)!, place));

describe("rounding on the decimal text", () => {
  test.each([
    ["2.345", -2, "2.35"],
    ["-2.345", -2, "-2.35"],
    ["2.5", 0, "3"],
    ["0.5", 0, "1"],
    ["0.49", 0, "0"],
    ["-0.4", 0, "0"],
    ["1204", 2, "1200"],
    ["50", 2, "100"],
    ["49", 2, "0"],
    ["2.5", -3, "2.500"],
    ["9.996", -2, "10.00"],
  ])("%s at 10^%d is %s", (text, place, expected) => {
    expect(rounded(text, place)).toBe(expected);
  });

  test("every finite number comes back from its text", () => {
    fc.assert(
      fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (value) => {
        expect(Number(decimalToText(decimalFromNumber(value)))).toBe(value === 0 ? 0 : value);
      }),
      { seed: 4 },
    );
  });

  test("rounding moves a number by at most half of the place", () => {
    const value = fc.integer({ min: -1e9, max: 1e9 });
    fc.assert(
      fc.property(value, fc.integer({ min: -2, max: 6 }), (whole, place) => {
        const text = (whole / 1000).toFixed(3);
        const error = Math.abs(Number(rounded(text, place)) - whole / 1000);
        expect(error).toBeLessThanOrEqual(10 ** place / 2 + 1e-6);
      }),
      { seed: 5 },
    );
  });
});

test("the leading place: 3 for 1204, −2 for 0.036, none for 0", () => {
  expect(leadingPlace(decimalFromText("1204")!)).toBe(3);
  expect(leadingPlace(decimalFromText("0.036")!)).toBe(-2);
  expect(leadingPlace(decimalFromText("0.00")!)).toBeUndefined();
});

test.each(["", ".", "1e", "abc", "1 2", "0x10"])("%j is no decimal", (text) => {
  expect(decimalFromText(text)).toBeUndefined();
});
