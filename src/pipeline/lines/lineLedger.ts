import { largest, quiet } from "./rounding";
import type { LineFit } from "@/core/fit/lineFit";
import {
  type WrittenNumber,
  writeChosenNumber,
  writeNumber,
  type WrittenStatement,
  writeStatement,
} from "@/core/number/writtenNumber";
import type { FiguresOfUncertainty } from "@/core/number/statement";
import type { RunText } from "@/core/unit/runText";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { FigurePoints } from "./fit";
import type { StatedLine } from "./statedLine";

/** A line's slope or intercept ready to be shown: with its standard error, or bare where there is none. */
export interface LedgerRow {
  readonly statement?: WrittenStatement;
  readonly bare?: WrittenNumber;
  readonly unit: RunText;
}

export interface LineLedger {
  readonly slope: LedgerRow;
  readonly intercept: LedgerRow;
  readonly residualStandardDeviation: WrittenNumber | undefined;
  readonly rSquared: string | undefined;
  readonly yUnit: RunText;
}

const figuresOfBare = 6;

/** A number of which no ± is known, with only the figures that it has. */
function writeBare(value: number): WrittenNumber {
  return writeChosenNumber(Number(value.toPrecision(figuresOfBare)));
}

function row(
  value: number,
  error: number | undefined,
  scale: number,
  rule: FiguresOfUncertainty,
  unit: RunText,
): LedgerRow {
  const settled = quiet(value, scale);
  if (error === undefined) return { bare: writeBare(settled), unit };
  return { statement: writeStatement(settled, quiet(error, scale), rule), unit };
}

/** R² close to 1 needs its nines: enough decimals to tell it from 1, at least four. */
export function writeRSquared(rSquared: number): string {
  const missing = 1 - rSquared;
  if (missing < 1e-9) return "1.000000000";
  return rSquared.toFixed(Math.min(9, Math.max(4, 1 - Math.floor(Math.log10(missing)))));
}

/** What the margin shows of a line, rounded by the house rules. */
export function lineLedger(
  line: LineFit,
  points: FigurePoints,
  rule: FiguresOfUncertainty,
): LineLedger {
  const sizeY = largest(points.yValues);
  const sizeX = largest(points.xValues);
  const yUnit = writeUnitText(points.y.quantity.unit);
  const slopeUnit = writeSlopeUnit(points.y.quantity.unit, points.x.quantity.unit);
  const deviation = line.residualStandardDeviation;
  return {
    slope: row(line.slope, line.standardErrorOfSlope, sizeY / sizeX, rule, slopeUnit),
    intercept: row(line.intercept, line.standardErrorOfIntercept, sizeY, rule, yUnit),
    residualStandardDeviation:
      deviation === undefined ? undefined : writeNumber(quiet(deviation, sizeY), 2),
    rSquared: line.rSquared === undefined ? undefined : writeRSquared(line.rSquared),
    yUnit,
  };
}

/** Slope and intercept as they are stated by the house rule, on the figure, in the margin and in the report alike. */
export function statedLedger(
  { line, ofSlope, ofIntercept }: StatedLine,
  points: FigurePoints,
  rule: FiguresOfUncertainty,
): Pick<LineLedger, "slope" | "intercept"> {
  const { y, x } = points;
  const [sizeY, sizeX] = [largest(points.yValues), largest(points.xValues)];
  const known = (size: number) => (size > 0 ? size : undefined);
  const slopeUnit = writeSlopeUnit(y.quantity.unit, x.quantity.unit);
  const yUnit = writeUnitText(y.quantity.unit);
  return {
    slope: row(line.slope, known(ofSlope), sizeY / sizeX, rule, slopeUnit),
    intercept: row(line.intercept, known(ofIntercept), sizeY, rule, yUnit),
  };
}
