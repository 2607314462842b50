import type { LineFit } from "@/core/fit/lineFit";
import type { WrittenNumber, WrittenStatement } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { FigurePoints } from "./fit";
import { type LedgerRow, lineLedger } from "./lineLedger";

function power(exponent: number | undefined): RunText {
  if (exponent === undefined) return [];
  return [{ text: " × 10" }, { text: String(exponent).replace("-", "−"), script: "super" }];
}

function stated({ value, uncertainty, exponent }: WrittenStatement): RunText {
  return [{ text: `(${value} ± ${uncertainty})` }, ...power(exponent)];
}

function plain({ mantissa, exponent }: WrittenNumber): RunText {
  return [{ text: mantissa }, ...power(exponent)];
}

function term({ statement, bare, unit }: LedgerRow): RunText {
  const number = statement ? stated(statement) : bare ? plain(bare) : [];
  return unit.length > 0 ? [...number, { text: "\u00a0" }, ...unit] : number;
}

/** "T² = (12.32 ± 0.06) s² m⁻³ · L³ + (0.001 ± 0.004) s²": a line in its axes' own symbols, with units. */
export function lineEquation(
  line: LineFit,
  points: FigurePoints,
  { figuresOfUncertainty, decimalMark }: Pick<HouseRules, "figuresOfUncertainty" | "decimalMark">,
): RunText {
  const { slope, intercept } = lineLedger(line, points, figuresOfUncertainty);
  const whole: RunText = [
    ...writeSymbol(points.y.quantity.symbol || "y"),
    { text: " = " },
    ...term(slope),
    { text: " · " },
    ...writeSymbol(points.x.quantity.symbol || "x"),
    { text: " + " },
    ...term(intercept),
  ];
  if (decimalMark === "point") return whole;
  return whole.map((run) => ({ ...run, text: run.text.replace(/(\d)\.(\d)/g, "$1,$2") }));
}
