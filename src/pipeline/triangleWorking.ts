import { numberTex, symbolTex, unitTex } from "@/core/expression/tex";
import type { DecimalMark } from "@/core/number/readNumber";
import { writeChosenNumber, writeNumber, type WrittenNumber } from "@/core/number/writtenNumber";
import { isCompound } from "@/core/unit/symbolText";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { SlopeTriangle } from "@/investigation/model/figure";
import type { FigureFit } from "./fit";

/** Figures of the step that the line makes; the one across was chosen and has just its own. */
export const figuresOfStep = 4;
const figuresOfSlope = 3;

/** The working of a slope triangle in TeX: Δy/Δx with numbers and units, and the slope. */
export function triangleWorking(
  fit: FigureFit,
  { from, to }: SlopeTriangle,
  slope: number,
  mark: DecimalMark,
): string {
  const [x, y] = [fit.x.quantity, fit.y.quantity];
  const across = Math.abs(to - from);
  const united = (number: WrittenNumber, unit: string) =>
    numberTex(number, mark) + unitTex(writeUnitText(unit));
  const step = (symbol: string) =>
    isCompound(symbol) ? `\\Delta(${symbolTex(symbol)})` : `\\Delta ${symbolTex(symbol)}`;
  const steps = [step(y.symbol || "y"), step(x.symbol || "x")];
  const numbers = [
    united(writeNumber(slope * across, figuresOfStep), y.unit),
    united(writeChosenNumber(across), x.unit),
  ];
  const result = numberTex(writeNumber(slope, figuresOfSlope), mark);
  const quotient = ([above, below]: readonly string[]) => `\\frac{${above}}{${below}}`;
  return `${quotient(steps)} = ${quotient(numbers)} = ${result}${unitTex(writeSlopeUnit(y.unit, x.unit))}`;
}
