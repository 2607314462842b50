import { fromRaised, type Run, type RunText } from "./runText";

/** One factor of a compound unit: s^-2 is { symbol: "s", exponent: -2 }. */
export interface UnitFactor {
  readonly symbol: string;
  readonly exponent: number;
}

const factorPattern =
  /^(?<symbol>[\p{L}°%µμΩ'"]+)(?:\^?\(?(?<plain>[+\-−]?\d*\.?\d+)\)?|(?<raised>[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+))?$/u;

function readFactor(text: string): UnitFactor | undefined {
  const groups = factorPattern.exec(text)?.groups;
  if (!groups?.symbol) return undefined;
  const power = groups.plain ?? (groups.raised ? fromRaised(groups.raised) : "1");
  return { symbol: groups.symbol, exponent: Number(power.replace("−", "-").replace("⁺", "")) };
}

function readProduct(text: string): UnitFactor[] | undefined {
  const words = text
    .replace(/\s*\^\s*/g, "^")
    .split(/[\s·⋅*\u00a0\u2009]+|\.(?=\p{L})/u)
    .filter((word) => word !== "" && word !== "1");
  const factors = words.map(readFactor);
  return factors.every((factor) => factor !== undefined) ? factors : undefined;
}

/** "m^(1/2)" → "m^0.5", so that its slash does not divide units. */
function withDecimalPowers(text: string): string {
  return text.replace(
    /\^\s*\(\s*([+\-−]?\d+)\s*\/\s*(\d+)\s*\)/g,
    (_, above: string, below: string) => `^${Number(above.replace("−", "-")) / Number(below)}`,
  );
}

/**
 * Reads a unit in any usual spelling (`m/s^2`, `m s⁻²`, `m·s^-2`, `J/(kg K)`) into its factors.
 * A slash divides by what follows it, up to the next slash. Equal symbols are joined.
 * @returns undefined when the text is no unit; an empty list for no unit at all.
 */
export function readUnit(text: string): readonly UnitFactor[] | undefined {
  const [above = "", ...below] = withDecimalPowers(text).split("/");
  const numerator = readProduct(above.replace(/[()]/g, " ").trim());
  const denominators = below.map((part) => readProduct(part.replace(/^\s*\((.*)\)\s*$/, "$1")));
  if (!numerator || denominators.some((part) => part === undefined || part.length === 0)) {
    return undefined;
  }
  const inverted = denominators
    .flatMap((part) => part ?? [])
    .map(({ symbol, exponent }) => ({ symbol, exponent: -exponent }));
  return collected([...numerator, ...inverted]);
}

function collected(factors: readonly UnitFactor[]): readonly UnitFactor[] {
  const exponents = new Map<string, number>();
  for (const { symbol, exponent } of factors) {
    exponents.set(symbol, (exponents.get(symbol) ?? 0) + exponent);
  }
  return [...exponents]
    .filter(([, exponent]) => exponent !== 0)
    .map(([symbol, exponent]) => ({ symbol, exponent }));
}

/** The unit of y ÷ x: "s²" over "m³" is s² m⁻³. */
export function quotientUnit(
  above: readonly UnitFactor[],
  below: readonly UnitFactor[],
): readonly UnitFactor[] {
  return collected([...above, ...below.map((f) => ({ symbol: f.symbol, exponent: -f.exponent }))]);
}

const denominators = [1, 2, 3, 4, 5, 6];

/** A power as it is printed: a whole number, or a fraction, which has no decimal mark. */
function powerText(power: number): string {
  const below = denominators.find((one) => Math.abs(power * one - Math.round(power * one)) < 1e-9);
  const text = below === undefined ? String(power) : String(Math.round(power * below));
  const over = below === undefined || below === 1 ? "" : `/${below}`;
  return `${text.replace("-", "−")}${over}`;
}

/** A unit as it is printed: upright symbols, raised powers, a space between factors, positive powers first. */
export function writeUnit(factors: readonly UnitFactor[]): RunText {
  const ordered = [
    ...factors.filter((factor) => factor.exponent > 0),
    ...factors.filter((factor) => factor.exponent < 0),
  ];
  const runs: Run[] = [];
  ordered.forEach((factor, index) => {
    const last = runs[runs.length - 1];
    const text = (index > 0 ? "\u00a0" : "") + factor.symbol;
    if (last && !last.script) runs[runs.length - 1] = { text: last.text + text };
    else runs.push({ text });
    if (factor.exponent !== 1) {
      runs.push({ text: powerText(factor.exponent), script: "super" });
    }
  });
  return runs;
}

/** A typed unit as it is printed; text that is no unit is printed as it stands. */
export function writeUnitText(text: string): RunText {
  const factors = readUnit(text);
  if (factors) return writeUnit(factors);
  return text.trim() === "" ? [] : [{ text: text.trim() }];
}

/** The unit of a slope as it is printed, from the typed units of both axes. */
export function writeSlopeUnit(y: string, x: string): RunText {
  const above = readUnit(y);
  const below = readUnit(x);
  if (above && below) return writeUnit(quotientUnit(above, below));
  const over: RunText =
    below?.length === 0 ? [] : [{ text: " / (" }, ...writeUnitText(x), { text: ")" }];
  return [...writeUnitText(y), ...over];
}
