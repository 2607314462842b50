import { type DecimalMark, type ReadNumber, readNumber } from "@/core/number/readNumber";
import { typedField, type UncertaintyField } from "@/investigation/model/uncertainty";
import type { EvaluatedQuantity } from "../table/table";
import { type Check, readingsOf } from "./check";

const mostFigures = 2;
const fields: readonly UncertaintyField[] = ["amount", "up", "down", "edge"];

function typedSizes({ quantity }: EvaluatedQuantity, mark: DecimalMark): ReadNumber[] {
  return fields.flatMap((field) => {
    const read = readNumber(typedField(quantity.uncertainty, field), mark);
    return read.kind === "number" && read.number.value > 0 ? [read.number] : [];
  });
}

/**
 * A ± with more than two figures, below what the smallest step leaves open (half of it as a limit, 1/√12 of it as a
 * standard uncertainty), or given to more decimals than the readings.
 */
export const fineUncertainty: Check = (quantity, table, rules) => {
  const place = { quantity: quantity.id };
  const sizes = typedSizes(quantity, rules.decimalMark);
  const [size] = sizes;
  if (!size) return [];
  const figures = Math.max(...sizes.map(({ significantFigures }) => significantFigures));
  if (figures > mostFigures) {
    return [{ finding: { name: "uncertainty-figures", figures, most: mostFigures }, ...place }];
  }
  const { resolution, uncertainty } = quantity.quantity;
  const step = readNumber(resolution, rules.decimalMark);
  const part = rules.uncertaintyMeans === "limit" ? 1 / 2 : 1 / Math.sqrt(12);
  const whole = uncertainty.kind === "two-edges" ? 2 : 1;
  if (step.kind === "number" && size.value * whole < step.number.value * part * (1 - 1e-9)) {
    return [{ finding: { name: "finer-than-resolution", resolution }, ...place }];
  }
  const readings = readingsOf(quantity, table);
  const finest = Math.max(...readings.map(({ number }) => number.decimals));
  if (readings.length === 0 || uncertainty.kind === "two-edges" || size.decimals <= finest)
    return [];
  const finding = {
    name: "uncertainty-decimals",
    decimals: size.decimals,
    readings: finest,
  } as const;
  return [{ finding, ...place }];
};
