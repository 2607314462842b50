import { dequal } from "dequal/lite";
import {
  decimalFromNumber,
  decimalFromText,
  decimalToText,
  timesPowerOfTen,
} from "@/core/number/decimal";
import { type DecimalMark, readNumber } from "@/core/number/readNumber";
import { instrumentBars, meanBar } from "@/core/uncertainty/instrumentPart";
import { understandUnit } from "@/core/unit/understandUnit";
import type { Investigation } from "@/investigation/model/investigation";
import type { Quantity } from "@/investigation/model/quantity";
import { cellPlace, type Row } from "@/investigation/model/row";
import { readUncertainty } from "@/pipeline/readings/quantityUncertainty";

/** How the readings of one bench's quantity are written beside those of the others. */
export interface Rewriting {
  /** Powers of ten from the unit of the bench to that of all. */
  readonly power: number;
  /** What stands behind a reading, where the bench's ± is another than that of all. */
  readonly own: Quantity["uncertainty"] | undefined;
}

/** Powers of ten between two units; undefined where they are no such units of one kind. */
function powerBetween(from: string, to: string): number | undefined {
  if (from.trim() === to.trim()) return 0;
  const [one, other] = [understandUnit(from), understandUnit(to)];
  if (one.kind !== "unit" || other.kind !== "unit") return undefined;
  const alike = one.unit.dimension.every((power, i) => power === other.unit.dimension[i]);
  if (!alike || one.unit.offset !== other.unit.offset) return undefined;
  const power = Math.log10(one.unit.factor / other.unit.factor);
  return Math.abs(power - Math.round(power)) < 1e-9 ? Math.round(power) : undefined;
}

/** How a bench's quantity comes beside that of the pattern; undefined where its unit is of another kind. */
export function rewritingOf(of: Quantity, pattern: Quantity): Rewriting | undefined {
  const power = powerBetween(of.unit, pattern.unit);
  if (power === undefined) return undefined;
  const same = power === 0 && dequal(of.uncertainty, pattern.uncertainty);
  const byColumn = of.uncertainty.kind === "column" && dequal(of.uncertainty, pattern.uncertainty);
  return { power, own: same || byColumn ? undefined : of.uncertainty };
}

const moved = (text: string, power: number): string => {
  const found = decimalFromText(text);
  return found ? decimalToText(timesPowerOfTen(found, power)) : text;
};

/** The bench's ± of one reading, as it is typed. */
function sizeOf(text: string, own: Quantity["uncertainty"], row: Row, mark: DecimalMark): string | undefined {
  if (own.kind === "column") return row.readings[own.column]?.trim() || undefined;
  const [read, part] = [readNumber(text, mark), readUncertainty(own, mark)];
  if (read.kind !== "number" || part.kind !== "part") return undefined;
  const size = meanBar(instrumentBars(part.part, read.number));
  return size > 0 ? decimalToText(decimalFromNumber(Number(size.toPrecision(6)))) : undefined;
} // prettier-ignore

/** A reading as it stands in the pool: in the unit of all, with its own ± where that is another. */
function rewritten(text: string, row: Row, { power, own }: Rewriting, { houseRules }: Investigation): string {
  const mark = houseRules.decimalMark;
  const read = readNumber(text, mark);
  if (read.kind !== "number") return text;
  const plain = mark === "comma" ? text.replaceAll(",", ".") : text;
  const typedSize = read.number.uncertainty !== undefined;
  if (power === 0 && (typedSize || own === undefined)) return plain;
  const size = own && !typedSize ? sizeOf(text, own, row, mark)?.replace(",", ".") : undefined;
  const bare = typedSize
    ? `${decimalToText(decimalFromNumber(read.number.value))} ± ${decimalToText(decimalFromNumber(read.number.uncertainty ?? 0))}`
    : plain.trim();
  const [value = "", itsOwn = size] = bare.split(" ± ");
  const behind = itsOwn === undefined ? "" : ` ± ${moved(itsOwn, power)}`;
  return `${moved(value, power)}${behind}`;
} // prettier-ignore

/** The readings of a row that are in the pattern, rewritten; @param rewritings by quantity. */
export function pooledReadings(
  row: Row,
  bench: Investigation,
  rewritings: ReadonlyMap<string, Rewriting>,
): Row["readings"] {
  const kept = Object.entries(row.readings).flatMap(([cell, text]) => {
    const rewriting = rewritings.get(cellPlace(cell).quantity);
    return rewriting && text.trim() !== "" ? [[cell, rewritten(text, row, rewriting, bench)]] : [];
  });
  return Object.fromEntries(kept) as Row["readings"];
}
