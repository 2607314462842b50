import type { WorkedOutUnit } from "@/core/expression/unitOf";
import { baseUnits, type Dimension, sameDimension } from "@/core/unit/dimension";
import { understandUnit } from "@/core/unit/understandUnit";
import { readUnit, type UnitFactor } from "@/core/unit/unitText";
import type { ShownUnit } from "../readings/evaluated";

export type ShownUnitOutcome =
  { readonly kind: "unit"; readonly unit: ShownUnit } | { readonly kind: "unlike" };

function textOf(factors: readonly UnitFactor[]): string {
  return factors
    .map(({ symbol, exponent }) => (exponent === 1 ? symbol : `${symbol}^${exponent}`))
    .join(" ");
}

/** Whether two factors are of one kind under two names: cm beside m. */
function mixes(factors: readonly UnitFactor[]): boolean {
  const dimensions = factors.map(({ symbol }) => {
    const read = understandUnit(symbol);
    return read.kind === "unit" ? read.unit.dimension : undefined;
  });
  return dimensions.some((a, i) =>
    dimensions.some((b, j) => j > i && a !== undefined && b !== undefined && sameDimension(a, b)),
  );
}

function inBaseUnits(dimension: Dimension): ShownUnit {
  const factors = dimension.flatMap((exponent, index) =>
    Math.abs(exponent) < 1e-9
      ? []
      : [{ symbol: baseUnits[index] as string, exponent: Number(exponent.toPrecision(6)) }],
  );
  return { text: textOf(factors), factors, dimension, factor: 1, offset: 0 };
}

/** The unit that was wished for where it fits, else the one that the typed units give, else SI base units. */
export function shownUnit(worked: WorkedOutUnit, wished: string): ShownUnitOutcome {
  const { dimension, factor, factors, offset } = worked;
  if (wished.trim() !== "") {
    const read = understandUnit(wished);
    if (read.kind === "unreadable" || !sameDimension(read.unit.dimension, dimension)) {
      return { kind: "unlike" };
    }
    const own = { text: wished.trim(), factors: readUnit(wished) ?? [] };
    return { kind: "unit", unit: { ...own, ...read.unit } };
  }
  if (factor === undefined || mixes(factors)) return { kind: "unit", unit: inBaseUnits(dimension) };
  return { kind: "unit", unit: { text: textOf(factors), factors, dimension, factor, offset } };
}

/** The same unit as formulas need it. */
export function coherentUnit({ dimension, factor, factors, offset }: ShownUnit): WorkedOutUnit {
  return { dimension, factor, factors, offset };
}
