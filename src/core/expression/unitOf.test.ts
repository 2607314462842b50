import { formula as tree } from "../../../tests/fixtures/formulas";
import { readUnit } from "../unit/unitText";
import { linearSum, powerProduct } from "./shape";
import { unitOf, unitOfText } from "./unitOf";

function unit(text: string) {
  return unitOfText(text, readUnit(text) ?? [])!;
}

const units = new Map([
  ["L", unit("m")],
  ["d", unit("cm")],
  ["t", unit("s")],
  ["m", unit("g")],
  ["θ", unit("deg")],
  ["T", unit("°C")],
  ["n", unit("1")],
]);

const of = (text: string) => unitOf(tree(text), units);

/** "m s^-2" as the factors say it. */
function written(text: string): string {
  const found = of(text);
  if (found.kind === "unlike") return found.finding.name;
  return found.unit.factors
    .map(({ symbol, exponent }) => (exponent === 1 ? symbol : `${symbol}^${exponent}`))
    .join(" ");
}

describe("the unit of a formula", () => {
  test.each([
    ["L/t^2", "m s^-2"],
    ["4 L/t", "m s^-1"],
    ["sqrt(L)/t", "m^0.5 s^-1"],
    ["L - 2 L", "m"],
    ["m d^2", "g cm^2"],
    ["L/L", ""],
    ["sin(θ)", ""],
    ["exp(-n)", ""],
    ["n^t", "exponent-has-unit"],
    ["L^n", "exponent-must-be-a-number"],
    ["L + t", "adds-unlike"],
    ["L - 1", "adds-unlike"],
    ["cos(L)", "function-of-unit"],
    ["mean(L)/change(t)", "m s^-1"],
    ["count(L)", ""],
    ["abs(-t)", "s"],
  ])("of %s is “%s”", (text, expected) => {
    expect(written(text)).toBe(expected);
  });

  test("a sum of centimetres and metres has a dimension, but no scale of its own", () => {
    const found = of("L + d");
    expect(found).toMatchObject({ kind: "unit", unit: { factor: undefined } });
  });

  test("a product of degrees Celsius is taken in kelvin and marked; a difference is not", () => {
    expect(of("n*T")).toMatchObject({ remarks: [{ name: "celsius-as-factor" }] });
    expect(of("T - T")).toMatchObject({ remarks: [], unit: { offset: 0 } });
    expect(of("T")).toMatchObject({ unit: { offset: 273.15 } });
  });

  test("ln of a length is allowed and marked", () => {
    expect(of("ln(L)")).toMatchObject({ remarks: [{ name: "log-of-unit" }] });
    expect(of("ln(L/d)")).toMatchObject({ remarks: [] });
  });
});

describe("the shape of a formula", () => {
  test.each<[string, Record<string, number> | undefined]>([
    ["16 pi^2 L^3/t^2", { L: 3, t: -2 }],
    ["sqrt(L/t)", { L: 0.5, t: -0.5 }],
    ["L*L/L", { L: 1 }],
    ["(L/t)^3", { L: 3, t: -3 }],
    ["-L", { L: 1 }],
    ["L + t", undefined],
    ["sin(L)", undefined],
    ["L^t", undefined],
  ])("%s as a product of powers", (text, powers) => {
    const found = powerProduct(tree(text));
    expect(found && Object.fromEntries(found.powers)).toEqual(powers);
  });

  test.each<[string, Record<string, number> | undefined]>([
    ["3 L - 2 t + 7", { L: 3, t: -2 }],
    ["L/4 + L", { L: 1.25 }],
    ["-(L - t)", { L: -1, t: 1 }],
    ["L*t", undefined],
    ["L^2", undefined],
    ["2/L", undefined],
  ])("%s as a sum", (text, coefficients) => {
    const found = linearSum(tree(text));
    expect(found && Object.fromEntries(found.coefficients)).toEqual(coefficients);
  });
});
