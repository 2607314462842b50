import { numberTex, symbolTex, unitTex } from "@/core/expression/tex";
import type { DecimalMark } from "@/core/number/readNumber";
import { readBack, settled } from "@/core/number/settled";
import { writeChosenNumber, writeNumber, type WrittenNumber } from "@/core/number/writtenNumber";
import { isCompound } from "@/core/unit/symbolText";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { SlopeTriangle } from "@/investigation/model/figure";
import type { FigureFit } from "./fit";

/** Figures of the step that the line makes; the one across was chosen and has just its own. */
const figuresOfStep = 4;
const figuresOfSlope = 3;

/** The step that the line makes, with the figures from which the slope follows to its last digit. */
export function stepUp(slope: number, across: number): WrittenNumber {
  const value = slope * across;
  const below = readBack(writeChosenNumber(Math.abs(across)));
  const divided = ([up = 0]: readonly number[]) => Math.sign(across) * (up / below);
  const result = writeNumber(slope, figuresOfSlope);
  const [step] = settled([{ value, figures: figuresOfStep }], result, divided);
  return step?.written ?? writeNumber(value, figuresOfStep);
}

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
  const stood = writeNumber(slope, figuresOfSlope);
  const below = writeChosenNumber(across);
  const above = stepUp(slope, across);
  const numbers = [united(above, y.unit), united(below, x.unit)];
  const result = numberTex(stood, mark);
  const quotient = ([above, below]: readonly string[]) => `\\frac{${above}}{${below}}`;
  return `${quotient(steps)} = ${quotient(numbers)} = ${result}${unitTex(writeSlopeUnit(y.unit, x.unit))}`;
}
