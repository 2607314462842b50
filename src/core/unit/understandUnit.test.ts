import { kindName } from "@/wording/quantityKinds";
import { kindOfQuantity } from "./dimension";
import { convert, type Unit, understandUnit } from "./understandUnit";

function unit(text: string): Unit {
  const reading = understandUnit(text);
  if (reading.kind !== "unit") throw new Error(reading.finding.name);
  return reading.unit;
}

describe("a typed unit", () => {
  test.each([
    ["m/s^2", 1, "acceleration"],
    ["m s⁻²", 1, "acceleration"],
    ["cm", 0.01, "length"],
    ["kg m^-3", 1, "density"],
    ["g/cm^3", 1000, "density"],
    ["mol/L", 1000, "concentration"],
    ["mol dm⁻³", 1000, "concentration"],
    ["kJ/mol", 1000, "molar energy"],
    ["N m", 1, "energy or moment"],
    ["N/m", 1, "stiffness or surface tension"],
    ["µs", 1e-6, "time"],
    ["us", 1e-6, "time"],
    ["kΩ", 1000, "resistance"],
    ["kohm", 1000, "resistance"],
    ["mL", 1e-6, "volume"],
    ["min", 60, "time"],
    ["mmHg", 133.322387415, "pressure or stress"],
    ["MPa", 1e6, "pressure or stress"],
    ["hPa", 100, "pressure or stress"],
    ["eV", 1.602176634e-19, "energy or moment"],
    ["J/(kg K)", 1, "specific heat capacity"],
    ["J kg^-1 °C^-1", 1, "specific heat capacity"],
    ["1/s", 1, "frequency or rate"],
    ["dag", 0.01, "mass"],
  ])("%s is %d SI units of %s", (text, factor, kind) => {
    expect(unit(text).factor / factor).toBeCloseTo(1, 12);
    expect(kindName[kindOfQuantity(unit(text).dimension)!]).toBe(kind);
  });

  test("a power that is no whole number", () => {
    expect(unit("m^0.5").dimension[1]).toBe(0.5);
    expect(kindOfQuantity(unit("m^0.5").dimension)).toBeUndefined();
  });

  test.each([
    ["metr", { name: "unknown-unit", symbol: "metr" }],
    ["kmin", { name: "unknown-unit", symbol: "kmin" }],
    ["m / constructor", { name: "unknown-unit", symbol: "constructor" }],
    ["m!!", { name: "not-a-unit", text: "m!!" }],
  ])("%s is not understood, and says what", (text, finding) => {
    expect(understandUnit(text)).toEqual({ kind: "unreadable", finding });
  });
});

describe("conversion", () => {
  test.each([
    [25, "°C", "K", 298.15],
    [212, "°F", "°C", 100],
    [1, "atm", "mmHg", 760],
    [36, "km/h", "m/s", 10],
    [180, "deg", "rad", Math.PI],
  ])("%d %s in %s is %d", (value, from, to, expected) => {
    const found = convert(value, unit(from), unit(to)) as number;
    expect(found / expected).toBeCloseTo(1, 6);
  });

  test("unlike quantities have no conversion", () => {
    expect(convert(1, unit("m"), unit("s"))).toBeUndefined();
  });
});
