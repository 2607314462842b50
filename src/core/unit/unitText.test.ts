import { plainRunText } from "./runText";
import { writeSymbol } from "./symbolText";
import { readUnit, writeSlopeUnit, writeUnitText } from "./unitText";

describe("a unit as it is printed", () => {
  test.each([
    ["m/s^2", "m\u00a0s⁻²"],
    ["m s⁻²", "m\u00a0s⁻²"],
    ["m·s^-2", "m\u00a0s⁻²"],
    ["kg m^-3", "kg\u00a0m⁻³"],
    ["J/(kg K)", "J\u00a0kg⁻¹\u00a0K⁻¹"],
    ["1/s", "s⁻¹"],
    ["s^-1 m", "m\u00a0s⁻¹"],
    ["°C", "°C"],
    ["µs", "µs"],
    ["m^0.5 s^-1", "m^(1/2)\u00a0s⁻¹"],
    ["s^-1.5", "s^(−3/2)"],
    ["", ""],
    ["m2 3x!", "m2 3x!"],
  ])("%j is written %j", (typed, written) => {
    expect(plainRunText(writeUnitText(typed))).toBe(written);
  });

  test("a broken power is read as it is printed", () => {
    const printed = plainRunText(writeUnitText("kg m^0.5 s^-1.5"));
    expect(readUnit(printed)).toEqual(readUnit("kg m^0.5 s^-1.5"));
  });

  test("equal units cancel", () => {
    expect(readUnit("m s/s")).toEqual([{ symbol: "m", exponent: 1 }]);
  });

  test.each([
    ["s^2", "m^3", "s²\u00a0m⁻³"],
    ["V", "A", "V\u00a0A⁻¹"],
    ["m", "m", ""],
    ["", "s", "s⁻¹"],
    ["m", "", "m"],
  ])("a slope in %j against %j", (y, x, written) => {
    expect(plainRunText(writeSlopeUnit(y, x))).toBe(written);
  });
});

describe("a symbol as it is printed", () => {
  test("letters italic, subscript lowered and upright, power raised", () => {
    expect(writeSymbol("t_10")).toEqual([
      { text: "t", italic: true },
      { text: "10", script: "sub" },
    ]);
    expect(writeSymbol("T^2")).toEqual(writeSymbol("T²"));
    expect(writeSymbol("x^-1")[1]).toEqual({ text: "−1", script: "super" });
  });

  test.each([
    ["lambda", "λ"],
    ["Delta h", "Δh"],
    ["theta_0", "θ0"],
    ["L", "L"],
  ])("%s typed by name is %s", (typed, written) => {
    expect(plainRunText(writeSymbol(typed))).toBe(written);
  });
});
