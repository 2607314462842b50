import { linearSum, powerProduct } from "@/core/expression/shape";
import { symbolTex, type TexLeaf, toTex, unitTex, withDecimalMark } from "@/core/expression/tex";
import type { Expression } from "@/core/expression/tree";
import { type Printed, settled } from "@/core/number/settled";
import { writeStatement, writeUnroundedValue } from "@/core/number/writtenNumber";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import type {
  DerivedCell,
  DerivedColumn,
  EvaluatedQuantity,
  EvaluatedRow,
} from "../readings/evaluated";
import type { PutIn } from "../working/inputs";
import {
  byPercentages,
  byReadings,
  bySlopes,
  bySum,
  type PartInput,
  united,
  type Wanted,
  type WorkedLine,
  type WorkedSize,
} from "../working/plusMinus";
import { spelledOut } from "../working/spelledOut";
import { partsBy, rowRule } from "./derivedQuantities";
import { directInputs, type DirectInput, type ExampleOf } from "./directInputs";
import { expandedFormula } from "./expandedFormula";
import { agrees, partInputs, type Put, putIn, slopesOf } from "./putIn";
import { readingParts } from "./readingParts";

export type { WorkedLine } from "../working/plusMinus";

/** What a worked example is made of. */
export interface Example {
  readonly evaluated: EvaluatedQuantity;
  readonly column: DerivedColumn;
  readonly cell: DerivedCell;
  readonly rows: readonly EvaluatedRow[];
  readonly quantities: readonly EvaluatedQuantity[];
  readonly constants: ExampleOf["constants"];
  readonly rules: HouseRules;
}

/** The inputs that have a ± and a number above 0 by which it counts, each list in the same order. */
function counting(
  inputs: readonly PartInput[],
  numbers: readonly number[],
): [inputs: readonly PartInput[], numbers: readonly number[]] {
  const counts = (_: unknown, i: number) =>
    (inputs[i] as PartInput).size.value > 0 && (numbers[i] as number) > 0;
  return [inputs.filter(counts), numbers.filter(counts)];
}

/** The ± as a teacher would write it: sums add ±, products add percentages, the rest takes slopes; where readings enter together, reading by reading. */
function workSize(put: Put, wanted: Wanted, example: Example): WorkedSize {
  const slopes = slopesOf(put);
  const all = slopes && partInputs(put, slopes);
  const { expression, slots } = put.spelled;
  const direct = all?.map(({ slope, size }) => Math.abs(slope) * size.value) ?? [];
  const plain = combinedUncertainty(wanted.rule, direct);
  if (!all || !agrees(plain, wanted.size, 1e-6)) return throughReadings(wanted, put, example);
  const sum = linearSum(expression);
  if (sum) {
    const coefficients = slots.map(({ key }) => Math.abs(sum.coefficients.get(key) ?? 0));
    return bySum(wanted, ...counting(all, coefficients));
  }
  const product = powerProduct(expression);
  const none = all.some(({ number }) => number.value === 0) || wanted.value.value === 0;
  if (product && !none) {
    const powers = slots.map(({ key }) => Math.abs(product.powers.get(key) ?? 0));
    return byPercentages(wanted, ...counting(all, powers));
  }
  const taking = all.filter(({ slope, size }) => Math.abs(slope) * size.value > 0);
  return bySlopes(wanted, taking);
}

/** Below this part of the whole a part is rounding of the arithmetic. */
const negligible = 1e-9;

/** What the readings of each quantity and each constant bring, where symbols of the formula share readings. */
function throughReadings(wanted: Wanted, put: Put, example: Example): WorkedSize {
  const { column, cell, quantities, rules } = example;
  const perUnit = put.factor / Math.abs(column.formula.shown.factor);
  const readings = [...readingParts(rowRule(rules), cell, column)].map(([id, size]) => ({
    tex: symbolTex(quantities.find((one) => one.id === id)?.quantity.symbol ?? ""),
    size: size * perUnit,
  }));
  const constants = column.variables.flatMap(({ kind, id }, index) => {
    const size = Math.abs(cell.slopes[index] as number) * (cell.sizes[index] as number) * perUnit;
    const symbol = [...put.inputs].find(({ slot }) => slot.name === id)?.tex;
    return kind === "constant" ? [{ tex: symbol ?? symbolTex(symbolOfConstant(id, example)), size }] : []; // prettier-ignore
  });
  return byReadings(wanted, [...readings, ...constants].filter(({ size }) => size > negligible * wanted.size)); // prettier-ignore
}

function symbolOfConstant(id: string, { quantities }: Example): string {
  for (const { derived } of quantities) {
    for (const binding of derived?.column?.formula.symbols.values() ?? []) {
      if (binding.kind === "constant" && binding.constant.id === id) return binding.constant.symbol;
    }
  }
  return "";
}

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

/** The expression with the numbers that are printed. */
function numbersTex({ spelled, numbers }: Put, printed: readonly Printed[]): string {
  const leaf = (key: string): TexLeaf => {
    const at = spelled.slots.findIndex((slot) => slot.key === key);
    const { unit } = numbers[at] as PutIn;
    const { written } = printed[at] as Printed;
    const tex = united({ written }, unit);
    return { tex, single: unit.length === 0 && written.exponent === undefined };
  };
  return toTex(spelled.expression, leaf);
}

function symbolsTex({ spelled, inputs }: Put): string {
  const leaf = (key: string): TexLeaf => {
    const at = spelled.slots.findIndex((slot) => slot.key === key);
    return { tex: (inputs[at] as DirectInput).tex, single: true };
  };
  return toTex(spelled.expression, leaf);
}

/** The formula, its numbers, the value and ± that follow. */
function linesOf(put: Put, example: Example, expression: Expression): readonly WorkedLine[] {
  const { evaluated, column, cell, rules } = example;
  const { shown } = column.formula;
  const rule: PropagationRule = rowRule(rules);
  const parts = partsBy(rule, cell, column);
  const whole = combinedUncertainty(rule, [parts.row, parts.common]);
  const inShown = {
    value: (cell.value - shown.offset) / shown.factor,
    size: whole / Math.abs(shown.factor),
  };
  const value = inShown.value * put.factor + put.offset;
  const size = inShown.size * put.factor;
  const figures = rules.figuresOfUncertainty;
  const name = symbolTex(evaluated.quantity.symbol);
  const unrounded = writeUnroundedValue(value, size, figures);
  const digits = unrounded.mantissa.replace(/^[−-]?[0.]*/, "").replace(".", "").length;
  const unsettled = {
    value,
    figures: Math.max(1, digits),
    ...(digits === 0 && { given: unrounded }),
  };
  const wanted: Wanted = { name, rule, figures, value: unsettled, size, unit: put.unit };
  const worked = size > 0 ? workSize(put, wanted, example) : undefined;
  const stood = worked?.value.written ?? unrounded;
  const printed = settled(put.numbers.map(({ number }) => number), stood, put.work); // prettier-ignore
  const formula = toTex(expression);
  const moved = put.factor !== 1 || put.offset !== 0;
  const also = moved
    ? ` = ${united({ written: writeUnroundedValue(inShown.value, inShown.size, figures) }, writeUnitText(shown.text))}`
    : "";
  return [
    ...(formula === name ? [] : [{ step: "formula" as const, tex: `${name} = ${formula}` }]),
    ...(put.spelled.neighbours
      ? [{ step: "written-out" as const, tex: `${name} = ${symbolsTex(put)}` }]
      : []),
    { step: "numbers", tex: `${name} = ${numbersTex(put, printed)}` },
    { step: "value", tex: `${name} = ${united({ written: stood }, put.unit)}${also}` },
    ...(worked ? [...worked.parts, worked.together] : []),
    ...(worked
      ? [
          {
            step: "stated" as const,
            tex: `${name} = ${stated(inShown.value, inShown.size, shown.text, rules)}`,
          },
        ]
      : []),
  ];
}

/**
 * The worked example of one row of a derived quantity: symbols first, then numbers with units, the value, the ± in
 * the form that its formula asks for, and the rounded statement. Each line follows, to its last digit, from the numbers
 * that are printed before it (calculation § 3).
 */
export function workedExample(example: Example): readonly WorkedLine[] {
  const { column, cell, rows, quantities, constants, rules } = example;
  const rule = rowRule(rules);
  const { expression, symbols } = expandedFormula(column, quantities);
  const spelled = spelledOut(expression);
  const of: ExampleOf = {
    column,
    row: cell.row,
    rows,
    quantities,
    symbols,
    rule,
    constants,
    mark: rules.decimalMark,
  };
  const inputs = directInputs(spelled.slots, of);
  if (!inputs) return [];
  const { shown } = column.formula;
  const value = { si: cell.value, shown: (cell.value - shown.offset) / shown.factor };
  const put = putIn(spelled, inputs, value, column.formula);
  return linesOf(put, example, expression).map((line) => ({
    ...line,
    tex: withDecimalMark(line.tex, rules.decimalMark),
  }));
}
