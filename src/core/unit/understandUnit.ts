import type { Finding } from "../finding/finding";
import { baseUnits, type Dimension, dimensionless, timesPower } from "./dimension";
import { namedUnits, prefixes } from "./namedUnits";
import { readUnit, type UnitFactor } from "./unitText";

/** What a unit means: one of it is `factor` coherent SI units of `dimension`, after `offset` for °C and °F. */
export interface Unit {
  readonly dimension: Dimension;
  readonly factor: number;
  readonly offset: number;
}

export type UnitReading =
  | { readonly kind: "unit"; readonly unit: Unit }
  | { readonly kind: "unreadable"; readonly finding: Finding };

/** A symbol as it stands, else a prefix before a unit that takes one: min is a minute, not a milli-inch. */
function symbolMeaning(
  symbol: string,
): { dimension: Dimension; factor: number; offset?: number } | undefined {
  const own = Object.hasOwn(namedUnits, symbol) ? namedUnits[symbol] : undefined;
  if (own) return own;
  for (const length of [1, 2]) {
    const prefix = symbol.slice(0, length);
    const rest = symbol.slice(length);
    const scale = Object.hasOwn(prefixes, prefix) ? prefixes[prefix] : undefined;
    const stem = Object.hasOwn(namedUnits, rest) ? namedUnits[rest] : undefined;
    if (scale !== undefined && stem?.prefixed) {
      return { dimension: stem.dimension, factor: scale * stem.factor };
    }
  }
  return undefined;
}

function combine(factors: readonly UnitFactor[]): UnitReading {
  let dimension: Dimension = dimensionless;
  let factor = 1;
  let offset = 0;
  for (const { symbol, exponent } of factors) {
    const meaning = symbolMeaning(symbol);
    if (!meaning) return { kind: "unreadable", finding: { name: "unknown-unit", symbol } };
    dimension = timesPower(dimension, meaning.dimension, exponent);
    factor *= meaning.factor ** exponent;
    if (meaning.offset !== undefined && factors.length === 1 && exponent === 1) {
      offset = meaning.offset;
    }
  }
  return { kind: "unit", unit: { dimension, factor, offset } };
}

/**
 * Understands a typed unit in any usual spelling, with prefixes. °C alone is a scale with an offset; inside a
 * compound (J/°C) it is a difference, in K. Empty text is the unit one.
 */
export function understandUnit(text: string): UnitReading {
  const factors = readUnit(text);
  return factors
    ? combine(factors)
    : { kind: "unreadable", finding: { name: "not-a-unit", text: text.trim() } };
}

/**
 * The same quantity in another unit.
 * @returns undefined when the two are of unlike dimension.
 */
export function convert(value: number, from: Unit, to: Unit): number | undefined {
  const alike = from.dimension.every((exponent, i) => exponent === to.dimension[i]);
  if (!alike) return undefined;
  return (value * from.factor + from.offset - to.offset) / to.factor;
}

/** A symbol in coherent SI units: mV as V, mL as m³; in base units where it has no name of its own. */
function coherentSymbol(symbol: string): readonly UnitFactor[] {
  const meaning = symbolMeaning(symbol);
  if (!meaning || meaning.factor === 1) return [{ symbol, exponent: 1 }];
  for (const length of [1, 2]) {
    const stem = symbol.slice(length);
    const known = Object.hasOwn(namedUnits, stem) ? namedUnits[stem] : undefined;
    const prefixed = Object.hasOwn(prefixes, symbol.slice(0, length));
    if (prefixed && known?.prefixed && known.factor === 1) return [{ symbol: stem, exponent: 1 }];
  }
  return meaning.dimension.flatMap((exponent, index) =>
    Math.abs(exponent) < 1e-9 ? [] : [{ symbol: baseUnits[index] as string, exponent }],
  );
}

/** A unit in coherent SI units of the same kind, as a converted number has it. */
export function coherentFactors(factors: readonly UnitFactor[]): readonly UnitFactor[] {
  const all = new Map<string, number>();
  for (const { symbol, exponent } of factors) {
    for (const part of coherentSymbol(symbol)) {
      all.set(part.symbol, (all.get(part.symbol) ?? 0) + part.exponent * exponent);
    }
  }
  return [...all].flatMap(([symbol, exponent]) => (exponent === 0 ? [] : [{ symbol, exponent }]));
}
