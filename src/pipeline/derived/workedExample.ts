import { linearSum, powerProduct } from "@/core/expression/shape";
import {
  numberTex,
  symbolTex,
  type TexLeaf,
  toTex,
  unitTex,
  withDecimalMark,
} from "@/core/expression/tex";
import { type Expression, symbolsOf } from "@/core/expression/tree";
import {
  writeNumber,
  writePart,
  writeStatement,
  writeUnroundedUncertainty,
  writeUnroundedValue,
  type WrittenNumber,
} from "@/core/number/writtenNumber";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { writeSlopeUnit, writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { DerivedCell, DerivedColumn, EvaluatedQuantity } from "../evaluated";
import { partsBy, rowRule } from "./derivedQuantities";
import { expandedFormula } from "./expandedFormula";
import { directInputs, type DirectInput } from "./directInputs";

/** One line of a worked example. */
export interface WorkedLine {
  readonly step: "formula" | "numbers" | "value" | "part" | "together" | "stated";
  /** What a "part" line is about: a symbol in TeX. */
  readonly of?: string;
  readonly how?: "sum" | "percentages" | "slopes";
  readonly tex: string;
}

const part = (size: number) => numberTex(writePart(size));

const asNumber = ({ mantissa, exponent = 0 }: WrittenNumber) => Number(mantissa) * 10 ** exponent;

/** A ± that is to be taken so many times: with a further figure where the product would not come out. */
function factor(size: number, times: number): WrittenNumber {
  const short = writePart(size);
  return part(asNumber(short) * times) === part(size * times) ? short : writeNumber(size, 3);
}

const inUnit = (written: WrittenNumber, unit: string) =>
  `${numberTex(written)}${unitTex(writeUnitText(unit))}`;

function stated(value: number, size: number, unit: string, rules: HouseRules): string {
  const {
    value: text,
    uncertainty,
    exponent,
  } = writeStatement(value, size, rules.figuresOfUncertainty);
  const pair = `${text.replace("−", "-")} \\pm ${uncertainty}`;
  const whole = exponent === undefined ? pair : `(${pair}) \\times 10^{${exponent}}`;
  const upright = unitTex(writeUnitText(unit));
  return exponent === undefined && upright !== "" ? `(${whole})${upright}` : `${whole}${upright}`;
}

function togetherTex(rule: PropagationRule, parts: readonly string[]): string {
  if (parts.length === 1) return parts[0] as string;
  return rule === "worst-case"
    ? parts.join(" + ")
    : `\\sqrt{${parts.map((part) => `(${part})^{2}`).join(" + ")}}`;
}

/** A sign before a symbol, or before one that is a short formula itself: ΔT, Δ(1/T), ∂(ln U). */
function signed(sign: "\\Delta" | "\\partial", name: string): string {
  return /[/(]|\\,/.test(name) ? `${sign}\\left(${name}\\right)` : `${sign} ${name}`;
}

interface Working {
  /** Of the result, in TeX. */
  readonly name: string;
  readonly rule: PropagationRule;
  readonly inputs: readonly DirectInput[];
  /** Value and ± in the shown unit. */
  readonly value: number;
  readonly size: number;
  readonly unit: string;
}

function bySum(coefficients: ReadonlyMap<string, number>, { rule, inputs, unit }: Working) {
  const scale = (input: DirectInput) => input.toShown;
  const sizes = inputs.map(
    (input) => Math.abs(coefficients.get(input.name) ?? 0) * input.size * scale(input),
  );
  const parts = inputs.flatMap((input, index): WorkedLine[] => {
    const coefficient = Math.abs(coefficients.get(input.name) ?? 0);
    if (sizes[index] === 0) return [];
    const times = coefficient === 1 ? "" : `${String(Number(coefficient.toPrecision(6)))} \\times `;
    const size = factor(input.size, coefficient * scale(input));
    const tex = `${times}${inUnit(size, input.unit)} = ${inUnit(writePart(sizes[index] as number), unit)}`;
    return [{ step: "part", how: "sum", of: input.tex, tex }];
  });
  return { parts, size: combinedUncertainty(rule, sizes), how: "sum" as const, each: sizes };
}

const percent = (value: number) => `${part(value * 100)}\\,\\%`;

function byPercentages(powers: ReadonlyMap<string, number>, { rule, inputs, value }: Working) {
  const shares = inputs.map(
    (input) => Math.abs(powers.get(input.name) ?? 0) * Math.abs(input.size / input.value),
  );
  const parts = inputs.flatMap((input, index): WorkedLine[] => {
    const power = Math.abs(powers.get(input.name) ?? 0);
    if (!(shares[index] as number)) return [];
    const share = 100 * Math.abs(input.size / input.value);
    const own = `${numberTex(factor(share, power))}\\,\\%`;
    const quotient = `\\frac{${inUnit(writePart(input.size), input.unit)}}{${input.numberTex.replace(/^-/, "")}} = ${own}`;
    const tex =
      power === 1
        ? quotient
        : `${quotient},\\quad ${String(Number(power.toPrecision(3)))} \\times ${own} = ${percent(shares[index] as number)}`;
    return [{ step: "part", how: "percentages", of: input.tex, tex }];
  });
  const size = combinedUncertainty(rule, shares) * Math.abs(value);
  return { parts, size, how: "percentages" as const, each: shares };
}

function bySlopes({ name, rule, inputs, unit }: Working) {
  const sizes = inputs.map(({ slope, size }) => Math.abs(slope) * size);
  const parts = inputs.flatMap((input, index): WorkedLine[] => {
    if (!(sizes[index] as number)) return [];
    const written = writeNumber(Math.abs(input.slope), 3);
    const slope = `${numberTex(written)}${unitTex(writeSlopeUnit(unit, input.unit))}`;
    const tex = `\\left|\\frac{${signed("\\partial", name)}}{${signed("\\partial", input.tex)}}\\right|\\,\\Delta ${input.tex} = ${slope} \\times ${inUnit(factor(input.size, asNumber(written)), input.unit)} = ${inUnit(writePart(sizes[index] as number), unit)}`;
    return [{ step: "part", how: "slopes", of: input.tex, tex }];
  });
  return { parts, size: combinedUncertainty(rule, sizes), how: "slopes" as const, each: sizes };
}

function agrees(a: number, b: number): boolean {
  return Math.abs(a - b) <= 1e-6 * Math.max(Math.abs(a), Math.abs(b));
}

/** The ± as a teacher would write it: sums add ±, products add percentages, the rest takes slopes. */
function workUncertainty(working: Working, expression: Expression) {
  const sum = linearSum(expression);
  const product = powerProduct(expression);
  const found = sum
    ? bySum(sum.coefficients, working)
    : product && working.inputs.every(({ value }) => value !== 0)
      ? byPercentages(product.powers, working)
      : bySlopes(working);
  return agrees(found.size, working.size) ? found : bySlopes(working);
}

/**
 * The worked example of one row of a derived quantity: symbols first, then numbers with units, the value, the ± in
 * the form that its formula asks for, and the rounded statement. Everything is computed in full precision; only what
 * is written is rounded.
 */
export function workedExample(
  evaluated: EvaluatedQuantity,
  column: DerivedColumn,
  cell: DerivedCell,
  row: number,
  quantities: readonly EvaluatedQuantity[],
  rules: HouseRules,
): readonly WorkedLine[] {
  const rule = rowRule(rules);
  const { shown } = column.formula;
  const { expression, symbols } = expandedFormula(column, quantities);
  const value = (cell.value - shown.offset) / shown.factor;
  const parts = partsBy(rule, cell, column);
  const size = combinedUncertainty(rule, [parts.row, parts.common]) / Math.abs(shown.factor);
  const names = symbolsOf(expression);
  const inputs = directInputs(column, symbols, row, quantities, rule, names);
  const name = symbolTex(evaluated.quantity.symbol);
  const working = { name, rule, inputs, value, size, unit: shown.text };
  const leaf = (symbol: string): TexLeaf => {
    const input = inputs.find((one) => one.name === symbol);
    return input
      ? { tex: input.numberTex, single: input.unit === "" }
      : { tex: symbolTex(symbol), single: true };
  };
  const formula = toTex(expression);
  const lines: WorkedLine[] = [
    ...(formula === name ? [] : [{ step: "formula" as const, tex: `${name} = ${formula}` }]),
    { step: "numbers", tex: `${name} = ${toTex(expression, leaf)}` },
    {
      step: "value",
      tex: `${name} = ${inUnit(writeUnroundedValue(value, size, rules.figuresOfUncertainty), shown.text)}`,
    },
  ];
  const marked = (all: readonly WorkedLine[]) =>
    all.map((line) => ({ ...line, tex: withDecimalMark(line.tex, rules.decimalMark) }));
  if (size === 0) return marked(lines);
  const worked = workUncertainty(working, expression);
  const each = worked.each.filter((one) => one > 0);
  const amounts = each.map((one) => (worked.how === "percentages" ? percent(one) : part(one)));
  const delta = signed("\\Delta", name);
  const sum = togetherTex(rule, amounts);
  const whole = inUnit(writeUnroundedUncertainty(size, rules.figuresOfUncertainty), shown.text);
  const together =
    worked.how === "percentages"
      ? `\\frac{${delta}}{${value < 0 ? `\\left|${name}\\right|` : name}} = ${sum}${each.length > 1 ? ` = ${percent(Math.abs(size / value))}` : ""},\\quad ${delta} = ${whole}`
      : `${delta} = ${each.length > 1 ? `${sum} = ` : ""}${whole}`;
  return marked([
    ...lines,
    ...worked.parts,
    { step: "together", how: worked.how, tex: together },
    { step: "stated", tex: `${name} = ${stated(value, size, shown.text, rules)}` },
  ]);
}
