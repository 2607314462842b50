import type { RangeLine } from "@/core/fit/slopeRange";
import { type FiguresOfUncertainty, toSignificantFigures } from "@/core/number/statement";
import {
  movedPoint,
  toDecimals,
  type WrittenNumber,
  type WrittenStatement,
  writeNumber,
  writeStatement,
  writeUnroundedUncertainty,
} from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { FigurePoints } from "./fit";
import { type LedgerRow, statedLedger } from "./lineLedger";
import type { StatedLine } from "./statedLine";

function power(exponent: number | undefined): RunText {
  if (exponent === undefined) return [];
  return [{ text: " × 10" }, { text: String(exponent).replace("-", "−"), script: "super" }];
}

function stated({ value, uncertainty, exponent }: WrittenStatement): RunText {
  return [{ text: `(${value} ± ${uncertainty})` }, ...power(exponent)];
}

/** A number in runs, its power of ten raised. */
export function numberRuns({ mantissa, exponent }: WrittenNumber): RunText {
  return [{ text: mantissa }, ...power(exponent)];
}

/** Part of a number below which a half-range is rounding of the arithmetic. */
const noise = 1e-12;
const figuresOfBare = 4;

/** A number to the decimals of a half-range of two figures, so that a column reads as one; in four figures without one. */
export function besideHalf(value: number, half: number): WrittenNumber {
  if (!(half > noise * Math.abs(value))) return writeNumber(value, figuresOfBare);
  const { value: mantissa, exponent } = writeStatement(value, half, "two");
  return { mantissa, ...(exponent !== undefined && { exponent }) };
}

/** A half-range or another ± beside its value: in the same power of ten. Beside a bare 0 it has its own. */
export function sizeBeside(size: WrittenNumber, of: number, value: WrittenNumber): WrittenNumber {
  const { exponent } = value;
  if (of === 0 || (exponent === undefined && Number(value.mantissa.replace("−", "-")) === 0))
    return size;
  const figures = size.mantissa.replace(/^[0.]+/, "").replace(".", "").length;
  const mantissa = toSignificantFigures(movedPoint(of, -(exponent ?? 0)), figures);
  return { mantissa, ...(exponent !== undefined && { exponent }) };
}

const decimalsOf = ({ mantissa }: WrittenNumber): number => (mantissa.split(".")[1] ?? "").length;

/** A number of a line in a table of lines: to the last place of half of what lies between them, as the working writes that. */
export function inLedger(value: number, half: number, rule: FiguresOfUncertainty): WrittenNumber {
  const written = besideHalf(value, half);
  if (!(half > noise * Math.abs(value)) || Number(written.mantissa.replace("−", "-")) === 0) {
    return written;
  }
  const decimals = Math.max(decimalsOf(written), decimalsOf(halfInLedger(half, written, rule)));
  const moved = movedPoint(value, -(written.exponent ?? 0));
  return { ...written, mantissa: toDecimals(moved, decimals) };
}

/** Half of a range or another ± under its column of lines: as the working writes it, in their power of ten. */
export function halfInLedger(
  half: number,
  of: WrittenNumber,
  rule: FiguresOfUncertainty,
): WrittenNumber {
  const moved = movedPoint(half, -(of.exponent ?? 0));
  return sizeBeside(writeUnroundedUncertainty(moved, rule), half, of);
}

function term({ statement, bare, unit }: LedgerRow): RunText {
  const number = statement ? stated(statement) : bare ? numberRuns(bare) : [];
  return unit.length > 0 ? [...number, { text: "\u00a0" }, ...unit] : number;
}

function whole(points: FigurePoints, slope: RunText, intercept: RunText): RunText {
  return [
    ...writeSymbol(points.y.quantity.symbol || "y"),
    { text: " = " },
    ...slope,
    { text: " · " },
    ...writeSymbol(points.x.quantity.symbol || "x"),
    ...added(intercept),
  ];
}

/** " + 0.002 s²", and " − 0.013 s²" of a number below zero. */
function added(runs: RunText): RunText {
  const [first, ...rest] = runs;
  if (!first?.text.startsWith("−")) return [{ text: " + " }, ...runs];
  return [{ text: " − " }, { ...first, text: first.text.slice(1) }, ...rest];
}

type Writing = Pick<HouseRules, "figuresOfUncertainty" | "decimalMark">;

/** Runs with the decimal mark of the house. */
export function marked(runs: RunText, { decimalMark }: Pick<Writing, "decimalMark">): RunText {
  if (decimalMark === "point") return runs;
  return runs.map((run) => ({ ...run, text: run.text.replace(/(\d)\.(\d)/g, "$1,$2") }));
}

/**
 * "T² = (12.32 ± 0.06) s² m⁻³ · L³ + (0.001 ± 0.004) s²": a line in its axes' own symbols, with units and with the ± that
 * the house states it with; a weighted line says so.
 */
export function lineEquation(
  stated: StatedLine,
  weighted: boolean,
  points: FigurePoints,
  writing: Writing,
): RunText {
  const { slope, intercept } = statedLedger(stated, points, writing.figuresOfUncertainty);
  const written = whole(points, term(slope), term(intercept));
  return marked(weighted ? [...written, { text: " (weighted)" }] : written, writing);
}

/** The same of a line that only bounds the range: without ±, to the decimals of half the range. */
export function boundEquation(
  line: RangeLine,
  halves: { readonly slope: number; readonly intercept: number },
  points: FigurePoints,
  writing: Writing,
): RunText {
  const { x, y } = points;
  const slope = besideHalf(line.slope, halves.slope);
  const intercept = besideHalf(line.intercept, halves.intercept);
  const units = {
    slope: writeSlopeUnit(y.quantity.unit, x.quantity.unit),
    intercept: writeUnitText(y.quantity.unit),
  };
  const written = whole(
    points,
    term({ bare: slope, unit: units.slope }),
    term({ bare: intercept, unit: units.intercept }),
  );
  return marked(written, writing);
}
