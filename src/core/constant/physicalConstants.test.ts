import { decimalFromText } from "../number/decimal";
import { readNumber } from "../number/readNumber";
import { understandUnit } from "../unit/understandUnit";
import { physicalConstants } from "./physicalConstants";

const value = (id: string) => Number(physicalConstants.find((one) => one.id === id)!.value);

describe("constants of nature", () => {
  test.each(physicalConstants)("$id has a number, a ± and a unit that are understood", (one) => {
    expect(decimalFromText(one.value)).toBeDefined();
    expect(readNumber(one.uncertainty).kind).toBe(one.uncertainty === "" ? "empty" : "number");
    expect(understandUnit(one.unit).kind).toBe("unit");
    expect(one.uncertainty === "").toBe(one.source === "SI, exact");
  });

  test("those that follow from the defining ones agree with them", () => {
    expect(value("gas") / (value("boltzmann") * value("avogadro"))).toBeCloseTo(1, 13);
    expect(value("faraday") / (value("charge") * value("avogadro"))).toBeCloseTo(1, 12);
    const [k, h, c] = [value("boltzmann"), value("planck"), value("light")];
    expect((2 * Math.PI ** 5 * k ** 4) / (15 * h ** 3 * c ** 2) / value("stefan")).toBeCloseTo(
      1,
      9,
    );
    expect(value("electric") * value("magnetic") * c * c).toBeCloseTo(1, 9);
  });

  test("a ± is far smaller than its value", () => {
    for (const one of physicalConstants) {
      expect(Number(one.uncertainty)).toBeLessThan(Number(one.value) * 1e-4);
    }
  });
});
