import { evaluateAt } from "@/core/expression/evaluate";
import { printFormula } from "@/core/expression/print";
import {
  numberTex,
  symbolTex,
  type TexLeaf,
  toTex,
  unitTex,
  withDecimalMark,
} from "@/core/expression/tex";
import type { WorkedOutUnit } from "@/core/expression/unitOf";
import type { Expression } from "@/core/expression/tree";
import {
  guardedFigures,
  type WrittenNumber,
  writeNumber,
  writeStatement,
  writeUnroundedUncertainty,
  writeUnroundedValue,
} from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { baseUnits } from "@/core/unit/dimension";
import { writeUnit, writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { NamedInput, WorkedResult } from "./evaluatedResult";

/** One line of how a result comes about, in TeX. */
export interface ResultLine {
  readonly step:
    "theory" | "stands-for" | "solved" | "formula" | "numbers" | "unit" | "value" | "together";
  readonly tex: string;
}

const exactFigures = 6;

/** Words stand upright in a formula: slope, intercept. */
function nameTex(name: string, { slopeWord }: Pick<HouseRules, "slopeWord">): string {
  if (name === "slope" || name === "gradient") return `\\text{${slopeWord}}`;
  return name === "intercept" ? "\\text{intercept}" : symbolTex(name);
}

/** The number of an input in its own unit, with its ±. */
function shownInput({ input, value, unit }: NamedInput) {
  switch (input.kind) {
    case "source": {
      const {
        value: number,
        size,
        unit: text,
      } = input.source.shown[input.index] ?? {
        ...{ value, size: 0, unit: "" },
      };
      return { number, size, unit: writeUnitText(text) };
    }
    case "constant": {
      const { constant } = input;
      const number = (constant.value - constant.offset) / constant.factor;
      const size = constant.uncertainty / constant.factor;
      return { number, size, unit: writeUnitText(constant.unit) };
    }
    case "result":
      return { number: input.of.value, size: input.of.size, unit: writeUnit(unit.factors) };
  }
}

/** A number without zeros that say nothing, where it has no ± that would tell how many count. */
function plainly(written: WrittenNumber): WrittenNumber {
  const { mantissa } = written;
  return mantissa.includes(".")
    ? { ...written, mantissa: mantissa.replace(/\.?0+$/, "") }
    : written;
}

/** A constant to the place of its ±, as it was measured; a middle value with a further figure. */
function writtenInput({ input }: NamedInput, value: number, size: number): WrittenNumber {
  if (!(size > 0)) return plainly(writeNumber(value, exactFigures));
  if (input.kind !== "constant") return writeNumber(value, guardedFigures(value, size));
  const { value: mantissa, exponent } = writeStatement(value, size, "one");
  return { mantissa, ...(exponent !== undefined && { exponent }) };
}

function numbersLeaf(inputs: readonly NamedInput[], rules: HouseRules) {
  return (name: string): TexLeaf => {
    const input = inputs.find((one) => one.name === name);
    if (!input) return { tex: nameTex(name, rules), single: true };
    const { number, size, unit } = shownInput(input);
    const rounded = Number(number.toPrecision(15));
    const written = writtenInput(input, rounded, size);
    const tex = `${numberTex(written, rules.decimalMark)}${unitTex(unit)}`;
    return { tex, single: unit.length === 0 && written.exponent === undefined };
  };
}

function inUnit(written: WrittenNumber, { unit }: WorkedResult, rules: HouseRules): string {
  return `${numberTex(written, rules.decimalMark)}${unitTex(writeUnitText(unit.text))}`;
}

/** Whether the unit comes from that of an input, and the numbers, put in as they stand, give the value in it. */
function needsNoConversion({ expression, inputs, value, unit }: WorkedResult): boolean {
  const stated = unitTex(writeUnitText(unit.text));
  if (!expression || inputs.every((one) => unitTex(shownInput(one).unit) !== stated)) return false;
  const numbers = Object.fromEntries(inputs.map((one) => [one.name, shownInput(one).number]));
  const found = evaluateAt(expression, numbers);
  return found.kind === "value" && Math.abs(found.value - value) <= 1e-9 * Math.abs(value);
}

/** "−272.8 °C = 0.4 K": a place on an axis of °C, where another unit was asked for. */
function placeLine(
  { value, size, unit }: WorkedResult,
  { factor = 1, offset, factors }: WorkedOutUnit,
  rules: HouseRules,
): ResultLine[] {
  if (unit.factor === factor && unit.offset === offset) return [];
  const there = (value * unit.factor + unit.offset - offset) / factor;
  const ofThere = (size * unit.factor) / factor;
  const text = (number: number, of: number, runs: RunText) =>
    `${numberTex(writeUnroundedValue(number, of, rules.figuresOfUncertainty), rules.decimalMark)}${unitTex(runs)}`;
  const stated = text(value, size, writeUnitText(unit.text));
  return [{ step: "unit", tex: `${text(there, ofThere, writeUnit(factors))} = ${stated}` }];
}

/** "kg m⁻¹ s⁻² = Pa", where the unit that is stated does not simply come of those that are put in. */
function unitLine(one: WorkedResult, rules: HouseRules): ResultLine[] {
  const { unit } = one;
  if (one.place) return placeLine(one, one.place, rules);
  if (needsNoConversion(one)) return [];
  const base = unit.dimension.flatMap((exponent, i) =>
    Math.abs(exponent) < 1e-9
      ? []
      : [{ symbol: baseUnits[i] as string, exponent: Number(exponent.toPrecision(6)) }],
  );
  const [inBase, stated] = [unitTex(writeUnit(base)), unitTex(writeUnitText(unit.text))];
  if (inBase === "" || stated === "" || inBase === stated) return [];
  const factor = plainly(writeNumber(1 / unit.factor, exactFigures));
  const scaled = unit.factor === 1 ? "" : `${numberTex(factor)}`;
  return [{ step: "unit", tex: `1${inBase} = ${scaled || "1"}${stated}` }];
}

/** How the parts of the ± become one, with numbers. */
function togetherLine(one: WorkedResult, rules: HouseRules): ResultLine[] {
  const { parts, size, result } = one;
  if (size === 0) return [];
  const place = parts[0]?.size ?? 1;
  const numbers = parts.map((part) => {
    const { value: mantissa, exponent } = writeStatement(part.size, place, "two");
    const written = { mantissa, ...(exponent !== undefined && { exponent }) };
    return numberTex(written, rules.decimalMark);
  });
  const sum =
    rules.propagation === "worst-case"
      ? numbers.join(" + ")
      : `\\sqrt{${numbers.map((number) => `(${number})^{2}`).join(" + ")}}`;
  const name = `\\Delta ${symbolTex(result.symbol) || "\\text{result}"}`;
  const whole = inUnit(writeUnroundedUncertainty(size, rules.figuresOfUncertainty), one, rules);
  return [{ step: "together", tex: `${name} = ${parts.length > 1 ? `${sum} = ` : ""}${whole}` }];
}

/** How a result comes about: theory, what the line stands for, solved, numbers put in, unit, value and ±. */
export function resultWorking(one: WorkedResult, rules: HouseRules): readonly ResultLine[] {
  const { result, expression, fromTheory, inputs, value, size } = one;
  const name = symbolTex(result.symbol) || "\\text{result}";
  const leaf = (symbol: string): TexLeaf => ({ tex: nameTex(symbol, rules), single: true });
  const tex = (of: Expression) => toTex(of, leaf);
  const lines: ResultLine[] = [];
  if (fromTheory) {
    const { theory, about, standsFor } = fromTheory;
    lines.push({ step: "theory", tex: `${tex(theory.left)} = ${tex(theory.right)}` });
    lines.push({ step: "stands-for", tex: `${nameTex(about, rules)} = ${tex(standsFor)}` });
  }
  if (expression) {
    lines.push({ step: fromTheory ? "solved" : "formula", tex: `${name} = ${tex(expression)}` });
    if (printFormula(expression) !== result.symbol) {
      const numbers = toTex(expression, numbersLeaf(inputs, rules));
      lines.push({ step: "numbers", tex: `${name} = ${numbers}` });
    }
  }
  const all: ResultLine[] = [
    ...lines,
    ...unitLine(one, rules),
    {
      step: "value",
      tex: `${name} = ${inUnit(writeUnroundedValue(value, size, rules.figuresOfUncertainty), one, rules)}`,
    },
    ...togetherLine(one, rules),
  ];
  return all.map(({ step, tex: line }) => ({
    step,
    tex: withDecimalMark(line, rules.decimalMark),
  }));
}

/** The rounded statement of a result in TeX, with its symbol. */
export function statedTex(one: WorkedResult, rules: HouseRules): string {
  const name = symbolTex(one.result.symbol) || "\\text{result}";
  const unit = unitTex(writeUnitText(one.unit.text));
  if (one.size === 0)
    return `${name} = ${inUnit(writeUnroundedValue(one.value, 0, rules.figuresOfUncertainty), one, rules)}`;
  const { value, uncertainty, exponent } = writeStatement(
    ...([one.value, one.size, rules.figuresOfUncertainty] as const),
  );
  const marked = (text: string) =>
    text.replace("−", "-").replace(".", rules.decimalMark === "comma" ? "{,}" : ".");
  const pair = `${marked(value)} \\pm ${marked(uncertainty)}`;
  if (exponent !== undefined) return `${name} = (${pair}) \\times 10^{${exponent}}${unit}`;
  return `${name} = ${unit === "" ? pair : `(${pair})${unit}`}`;
}
