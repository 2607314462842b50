import { placeOfUncertainty } from "@/core/number/statement";
import { movedPoint, toDecimals } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Quantity } from "@/investigation/model/quantity";
import type { WriteUp } from "@/investigation/model/writeUp";
import type { Measured } from "@/pipeline/readings/evaluated";
import { marked } from "@/pipeline/lines/lineEquation";
import type { EvaluatedQuantity } from "@/pipeline/table/table";
import {
  decimalsOf,
  powerOfRows,
  type WrittenReading,
  writeMeasured,
} from "@/pipeline/readings/writtenReading";
import type { ReportCell } from "./report";

/** What a column holds with its unit: "L / m" or "L (m)". */
export function withUnit(calling: RunText, unit: RunText, { headings }: HouseRules): RunText {
  if (unit.length === 0) return calling;
  return headings === "slash"
    ? [...calling, { text: " / " }, ...unit]
    : [...calling, { text: " (" }, ...unit, { text: ")" }];
}

/** "L / m" or "L (m)". */
export function columnHeading(
  { symbol, name, unit, remarks }: Quantity,
  rules: HouseRules,
  power = 0,
): RunText {
  const named = remarks && name ? [] : writeSymbol(symbol);
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
  return withUnit(calling, scaled, rules);
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

function uncertaintyText({ up, down }: WrittenReading): string | undefined {
  if (up === undefined) return undefined;
  return down === undefined || down === up ? `± ${up}` : `+${up} −${down}`;
}

/** A ± that fills less than this part of the last place would be overstated there. */
const leastOfPlace = 0.5;

/** The decimals that all rows of a column can have: those that its largest ± asks for; undefined where that misstates others. */
function commonDecimals(
  written: readonly (WrittenReading | undefined)[],
  scaled: readonly (Measured | undefined)[],
): number | undefined {
  const all = written.flatMap((one) => one?.decimals ?? []);
  if (all.length === 0) return undefined;
  const decimals = all.reduce((least, one) => Math.min(least, one));
  const place = 10 ** -decimals;
  const fits = scaled.every(
    (one, i) =>
      !one || !written[i]?.up || Math.min(one.bars.up, one.bars.down) >= leastOfPlace * place,
  );
  return fits ? decimals : undefined;
}

/** The decimals of the finest row that has a ±. */
const mostDecimals = (written: readonly (WrittenReading | undefined)[]) =>
  written.reduce((most, one) => Math.max(most, one?.decimals ?? -Infinity), -Infinity);

/** A value and its ± to so many decimals. */
function toCommon({ value, bars }: Measured, decimals: number): WrittenReading {
  const size = (bar: number) => toDecimals(Number(bar.toPrecision(12)), decimals);
  return { value: toDecimals(value, decimals), up: size(bars.up), down: size(bars.down) };
}

const figuresOf = (written: string) => written.replace(/^[0.]+/, "").replace(".", "").length;

/** All rows to the decimals of the smallest ±, where that leaves every ± one or two figures: 0.010 and 0.011 beside each other. A single reading stays as it was read. */
function evenly(
  written: readonly (WrittenReading | undefined)[],
  scaled: readonly (Measured | undefined)[],
  rule: HouseRules["figuresOfUncertainty"],
): readonly (WrittenReading | undefined)[] {
  const places = scaled.flatMap((one, i) =>
    written[i]?.up === undefined || !one
      ? []
      : [one.bars.up, one.bars.down]
          .filter((bar) => bar > 0)
          .map((bar) => -placeOfUncertainty(bar, rule)),
  );
  const decimals = places.reduce((most, one) => Math.max(most, one), -Infinity);
  const even = written.map((one, i): WrittenReading | undefined => {
    const measured = scaled[i];
    if (!one || one.up === undefined || !measured) return one;
    const { bars, value, spread, derived } = measured;
    const asRead = spread.count === 1 && !derived;
    return {
      up: toDecimals(bars.up, decimals),
      down: toDecimals(bars.down, decimals),
      value: asRead ? one.value : toDecimals(value, decimals),
      decimals,
    };
  });
  const figures = (text: string) => figuresOf(decimals < 0 ? text.slice(0, decimals) : text);
  const fits = even.every((one) =>
    [one?.up, one?.down].every((text) => text === undefined || [1, 2].includes(figures(text))),
  );
  return fits ? even : written;
}

/** Rows of a column without ± further apart than this keep their own digits. */
const unlikeSizes = 1000;
const noise = 1e-12;

/** Decimals that all rows of a worked-out column without ± can have; undefined where they are of very unlike size. */
function bareDecimals(
  written: readonly (WrittenReading | undefined)[],
  scaled: readonly (Measured | undefined)[],
): number | undefined {
  const sizes = scaled.flatMap((one) => (one && one.value !== 0 ? [Math.abs(one.value)] : []));
  const largest = sizes.reduce((a, b) => Math.max(a, b), 0);
  const clear = sizes.filter((size) => size > noise * largest);
  if (largest > unlikeSizes * clear.reduce((a, b) => Math.min(a, b), Infinity)) return undefined;
  const all = written.flatMap((one) => (one ? [decimalsOf(one.value)] : [])).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] ?? 0;
}

/** A reading divided by the power of ten that stands in the heading. */
function scaledBy(one: Measured | undefined, power: number): Measured | undefined {
  if (!one || power === 0) return one;
  const { bars, value } = one;
  const scaled = (size: number) => movedPoint(Number(size.toPrecision(15)), -power);
  return {
    ...one,
    value: scaled(value),
    bars: { up: scaled(bars.up), down: scaled(bars.down) },
  };
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
  const power = powerOfRows(column);
  const scaled = column.map((one) => scaledBy(one, power));
  const written = column.map(
    (one) => one && writeMeasured(one, evaluated, rules.figuresOfUncertainty, power),
  );
  const barred = written.some((one) => one?.up !== undefined);
  const single = scaled.some((one) => one && one.spread.count === 1 && !one.derived);
  const decimals = barred && !single ? commonDecimals(written, scaled) : undefined;
  const bare = barred ? undefined : bareDecimals(written, scaled);
  const even =
    barred && decimals === undefined
      ? evenly(written, scaled, rules.figuresOfUncertainty)
      : written;
  const rows = even.map((one, i): WrittenReading | undefined => {
    const measured = scaled[i];
    if (!one || !measured) return undefined;
    if (barred && one.up === undefined && measured.derived) {
      return { value: toDecimals(measured.value, Math.max(0, mostDecimals(even))) };
    }
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
