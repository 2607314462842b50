import { decimalFromNumber, decimalToText, roundToPlace } from "@/core/number/decimal";
import { withMinusSign, writeStatement } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Quantity } from "@/investigation/model/quantity";
import type { WriteUp } from "@/investigation/model/writeUp";
import type { Measured } from "@/pipeline/evaluated";
import { marked } from "@/pipeline/lineEquation";
import type { EvaluatedQuantity } from "@/pipeline/table";
import { type WrittenReading, writeMeasured } from "@/pipeline/writtenReading";
import type { ReportCell } from "./report";

/** "L / m" or "L (m)". */
export function columnHeading(
  { symbol, name, unit }: Quantity,
  { headings }: HouseRules,
  power = 0,
): RunText {
  const named = writeSymbol(symbol);
  const calling: RunText = named.length > 0 ? named : [{ text: name || "unnamed" }];
  const upright = writeUnitText(unit);
  const scaled: RunText =
    power === 0
      ? upright
      : [
          { text: "10" },
          { text: String(power).replace("-", "−"), script: "super" },
          ...(upright.length > 0 ? [{ text: "\u00a0" }, ...upright] : []),
        ];
  if (scaled.length === 0) return calling;
  return headings === "slash"
    ? [...calling, { text: " / " }, ...scaled]
    : [...calling, { text: " (" }, ...scaled, { text: ")" }];
}

/** A column of one quantity as it is printed. */
export interface PrintedColumn {
  readonly cells: readonly (ReportCell | undefined)[];
  /** The ± of every row, where it is the same and stands in the heading. */
  readonly uncertainty?: string;
  /** The power of ten that all values are divided by. */
  readonly power: number;
}

const text = (written: string, { decimalMark }: HouseRules): RunText =>
  marked([{ text: written }], { decimalMark });

/** Digits behind the point that a written number has. */
function decimalsOf(written: string): number {
  const at = written.indexOf(".");
  return at < 0 ? 0 : written.length - at - 1;
}

function uncertaintyText({ up, down }: WrittenReading): string | undefined {
  if (up === undefined) return undefined;
  return down === undefined || down === up ? up : `+${up} −${down}`;
}

/** Powers of ten that a column needs; 0 where its numbers are written plainly. */
function powerOf(all: readonly (WrittenReading | undefined)[]): number {
  const exponents = all.flatMap((one) => one?.exponent ?? []);
  if (exponents.length === 0) return 0;
  return exponents.reduce((most, exponent) => Math.max(most, exponent), -Infinity);
}

function toDecimals(value: number, decimals: number): string {
  const exact = decimalFromNumber(Number(value.toPrecision(15)));
  return withMinusSign(decimalToText(roundToPlace(exact, -decimals)));
}

/** A ± that fills less than this part of the last place would be overstated there. */
const leastOfPlace = 0.45;

/** The decimals that all rows of a column can have: those that its largest ± asks for; undefined where that misstates others. */
function commonDecimals(
  written: readonly (WrittenReading | undefined)[],
  scaled: readonly (Measured | undefined)[],
): number | undefined {
  const all = written.flatMap((one) => (one ? [decimalsOf(one.value)] : []));
  if (all.length === 0) return undefined;
  const decimals = all.reduce((least, one) => Math.min(least, one));
  const place = 10 ** -decimals;
  const fits = scaled.every(
    (one) => !one || Math.min(one.bars.up, one.bars.down) >= leastOfPlace * place,
  );
  return fits ? decimals : undefined;
}

/** A value and its ± to so many decimals, the ± at least one unit of the last place. */
function toCommon({ value, bars }: Measured, decimals: number): WrittenReading {
  const place = 10 ** -decimals;
  const size = (bar: number) => toDecimals(Math.max(bar, place), decimals);
  return { value: toDecimals(value, decimals), up: size(bars.up), down: size(bars.down) };
}

const figuresOf = (written: string) => written.replace(/^[0.]+/, "").replace(".", "").length;

/** All rows to the decimals of the smallest ±, where that leaves every ± one or two figures: 0.010 and 0.011 beside each other. A single reading stays as it was read. */
function evenly(
  written: readonly (WrittenReading | undefined)[],
  scaled: readonly (Measured | undefined)[],
): readonly (WrittenReading | undefined)[] {
  const sizes = written.flatMap((one) => [one?.up, one?.down].filter((text) => text !== undefined));
  const decimals = sizes.reduce((most, text) => Math.max(most, decimalsOf(text)), 0);
  const even = written.map((one, i): WrittenReading | undefined => {
    const measured = scaled[i];
    if (!one || one.up === undefined || !measured) return one;
    const { bars, value, spread, derived } = measured;
    const asRead = spread.count === 1 && !derived;
    return {
      ...{ up: toDecimals(bars.up, decimals), down: toDecimals(bars.down, decimals) },
      value: asRead ? one.value : toDecimals(value, decimals),
    };
  });
  const fits = even.every((one) =>
    [one?.up, one?.down].every((text) => text === undefined || [1, 2].includes(figuresOf(text))),
  );
  return fits ? even : written;
}

/** Digits behind the point that a column without ± has: as many as its middle row. */
function usualDecimals(written: readonly (WrittenReading | undefined)[]): number {
  const all = written.flatMap((one) => (one ? [decimalsOf(one.value)] : [])).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] ?? 0;
}

/** A reading divided by the power of ten that stands in the heading. */
function scaledBy(one: Measured | undefined, scale: number): Measured | undefined {
  if (!one || scale === 1) return one;
  const { bars, value } = one;
  return {
    ...{ ...one, value: value * scale },
    bars: { up: bars.up * scale, down: bars.down * scale },
  };
}

/** Every row as it is written by itself, in the power of ten of the column. */
function writtenRows(
  evaluated: EvaluatedQuantity,
  column: readonly (Measured | undefined)[],
  rule: HouseRules["figuresOfUncertainty"],
) {
  const plain = column.map((one) => one && writeMeasured(one, evaluated, rule));
  const power = powerOf(plain);
  const scaled = column.map((one) => scaledBy(one, 10 ** -power));
  const written = scaled.map((one, i): WrittenReading | undefined => {
    if (!one || power === 0) return plain[i];
    const size = (one.bars.up + one.bars.down) / 2;
    if (size === 0) return { value: String(Number(one.value.toPrecision(6))) };
    const { value, uncertainty } = writeStatement(one.value, size, rule);
    return { value, up: uncertainty, down: uncertainty };
  });
  return { power, scaled, written };
}

/**
 * What rows say of a quantity as a column of a report: with the same decimals in every row where their ± allow it, the
 * ± in the heading where it is the same for all rows and the write-up has it so, else beside each value.
 */
export function printedColumn(
  evaluated: EvaluatedQuantity,
  column: readonly (Measured | undefined)[],
  rules: HouseRules,
  { uncertainties }: Pick<WriteUp, "uncertainties">,
): PrintedColumn {
  const { power, scaled, written } = writtenRows(evaluated, column, rules.figuresOfUncertainty);
  const barred = written.some((one) => one?.up !== undefined);
  const single = scaled.some((one) => one && one.spread.count === 1 && !one.derived);
  const decimals = barred && !single ? commonDecimals(written, scaled) : undefined;
  const bare = barred ? undefined : usualDecimals(written);
  const even = barred && decimals === undefined ? evenly(written, scaled) : written;
  const rows = even.map((one, i): WrittenReading | undefined => {
    const measured = scaled[i];
    if (!one || !measured) return undefined;
    if (decimals !== undefined) return toCommon(measured, decimals);
    return bare !== undefined && measured.derived
      ? { value: toDecimals(measured.value, bare) }
      : one;
  });
  const sizes = new Set(rows.flatMap((one) => (one ? [uncertaintyText(one) ?? ""] : [])));
  const [only = ""] = sizes;
  const common = uncertainties === "heading" && sizes.size === 1 && only !== "";
  const cells = rows.map((one): ReportCell | undefined => {
    if (!one) return undefined;
    const beside = common ? undefined : uncertaintyText(one);
    return {
      runs: text(one.value, rules),
      ...(beside !== undefined && { uncertainty: plainMark(beside, rules) }),
    };
  });
  return { cells, power, ...(common && { uncertainty: plainMark(only, rules) }) };
}

function plainMark(written: string, { decimalMark }: HouseRules): string {
  return decimalMark === "comma" ? written.replaceAll(".", ",") : written;
}
