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
import type { Expression } from "@/core/expression/tree";
import { settled } from "@/core/number/settled";
import {
  guardedFigures,
  writeInWorking,
  type WrittenNumber,
  writeStatement,
  writeUnroundedUncertainty,
  writeUnroundedValue,
} from "@/core/number/writtenNumber";
import { combinedUncertainty } from "@/core/uncertainty/propagate";
import type { RunText } from "@/core/unit/runText";
import { coherentFactors } from "@/core/unit/understandUnit";
import { readUnit, writeUnit, writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { reportTexts } from "@/wording/reportTexts";
import { slopeWordText } from "@/wording/slopeWord";
import { rowRule } from "../derived/derivedQuantities";
import {
  asGiven,
  type GivenInput,
  inCoherentUnits,
  type PutIn,
  typedDigits,
  unsettledSize,
} from "../working/inputs";
import type { NamedInput, WorkedResult } from "./evaluatedResult";
import { lineWord, lineWordText } from "./lineWords";
import { unitText } from "./source";

/** One line of how a result comes about, in TeX. */
export interface ResultLine {
  readonly step:
    "theory" | "stands-for" | "solved" | "formula" | "counted" | "numbers" | "value" | "together";
  readonly tex: string;
}

/** Words stand upright in a formula: slope, intercept. */
function nameTex(name: string, rules: Pick<HouseRules, "slopeWord">): string {
  const word = lineWord(name);
  return word ? `\\text{${lineWordText(word, rules)}}` : symbolTex(name);
}

/** What a result without a symbol is called in a formula. */
const symbolOf = ({ result }: WorkedResult): string =>
  symbolTex(result.symbol) || `\\text{${reportTexts.result}}`;

/** An input as it was given: a constant as it was typed, a number of a line as far as it is worked out. */
function givenInput({ input, value, unit }: NamedInput, { rules, constants }: Writing): GivenInput {
  switch (input.kind) {
    case "source": {
      const shown = input.source.shown[input.index];
      const own = input.source.units[input.index];
      if (!shown || !own) return { value, size: 0, unit: "", factor: 1, offset: 0 };
      const { factor = 1, offset } = own;
      return { value: shown.value, size: shown.size, unit: shown.unit, factor, offset };
    }
    case "constant": {
      const { constant } = input;
      const { factor, offset, unit: text } = constant;
      const typed = constants[constant.id];
      return {
        value: (constant.value - offset) / factor,
        size: constant.uncertainty / factor,
        unit: text,
        factor,
        offset,
        ...(typed && typedDigits(typed.value, typed.uncertainty, rules.decimalMark)),
      };
    }
    case "result": {
      const { value: own, size, unit: shown } = input.of;
      const { text, factor, offset } = shown;
      return { value: own, size, unit: text || unitText(unit), factor, offset };
    }
  }
}

/** What a working is written with. */
interface Writing {
  readonly rules: HouseRules;
  /** The constants as they were typed. */
  readonly constants: Readonly<
    Record<string, { readonly value: string; readonly uncertainty: string }>
  >;
}

/** Numbers put in as they stand, the value that comes of them, and in which unit. */
interface Put {
  readonly numbers: readonly PutIn[];
  readonly unit: RunText;
  /** From the stated unit to that of the numbers. */
  readonly factor: number;
  readonly offset: number;
}

const agrees = (a: number, b: number) =>
  Math.abs(a - b) <= 1e-9 * Math.max(Math.abs(a), Math.abs(b));

function workOf(expression: Expression, inputs: readonly NamedInput[]) {
  return (values: readonly number[]) => {
    const numbers = Object.fromEntries(inputs.map(({ name }, i) => [name, values[i] as number]));
    const found = evaluateAt(expression, numbers);
    return found.kind === "value" ? found.value : NaN;
  };
}

/** As they were given where the value comes of them as they stand, else in coherent units (calculation § 3). */
function putIn(
  one: WorkedResult,
  work: (values: readonly number[]) => number,
  writing: Writing,
): Put {
  const { inputs, unit, value, scaleUnit } = one;
  const given = inputs.map((input) => givenInput(input, writing));
  const own = given.map(asGiven);
  const worked = (all: readonly PutIn[]) => work(all.map(({ number }) => number.value));
  if (scaleUnit) {
    const factor = unit.factor / (scaleUnit.factor ?? 1);
    const offset = (unit.offset - scaleUnit.offset) / (scaleUnit.factor ?? 1);
    return { numbers: own, unit: writeUnit(scaleUnit.factors), factor, offset };
  }
  const stated = writeUnitText(unit.text);
  if (agrees(worked(own), value)) return { numbers: own, unit: stated, factor: 1, offset: 0 };
  const si = given.map(inCoherentUnits);
  if (!agrees(worked(si), one.si)) return { numbers: own, unit: stated, factor: 1, offset: 0 };
  const plain = unit.factor === 1 && unit.offset === 0;
  const coherent = writeUnit(coherentFactors(readUnit(unit.text) ?? unit.factors));
  return {
    numbers: si,
    unit: plain ? stated : coherent,
    factor: plain ? 1 : unit.factor,
    offset: plain ? 0 : unit.offset,
  };
}

const united = (written: WrittenNumber, unit: RunText, { decimalMark }: HouseRules) =>
  `${numberTex(written, decimalMark)}${unitTex(unit)}`;

/** The value as it stands in the working: in the unit of what is put in, and in the stated one where that is another. */
function valueLine(one: WorkedResult, put: Put | undefined, { rules }: Writing): ResultLine {
  const { value, size, unit } = one;
  const figures = rules.figuresOfUncertainty;
  const name = symbolOf(one);
  const stated = united(writeUnroundedValue(value, size, figures), writeUnitText(unit.text), rules);
  const moved = put && (put.factor !== 1 || put.offset !== 0);
  if (!moved) return { step: "value", tex: `${name} = ${stated}` };
  const inOwn = writeUnroundedValue(value * put.factor + put.offset, size * put.factor, figures);
  return { step: "value", tex: `${name} = ${united(inOwn, put.unit, rules)} = ${stated}` };
}

/** The formula with numbers from which the printed value follows. */
function numbersLine(
  one: WorkedResult,
  expression: Expression,
  put: Put,
  writing: Writing,
): ResultLine {
  const { inputs, value, size } = one;
  const { rules } = writing;
  const stands = writeUnroundedValue(value * put.factor + put.offset, size * put.factor, rules.figuresOfUncertainty); // prettier-ignore
  const numbers = put.numbers.map(({ number }) => number);
  const printed = settled(numbers, stands, workOf(expression, inputs));
  const leaf = (name: string): TexLeaf => {
    const at = inputs.findIndex((input) => input.name === name);
    const own = put.numbers[at];
    const shown = printed[at];
    if (!own || !shown) return { tex: nameTex(name, rules), single: true };
    const { written } = shown;
    const single = own.unit.length === 0 && written.exponent === undefined;
    return { tex: united(written, own.unit, rules), single };
  };
  const name = symbolOf(one);
  return { step: "numbers", tex: `${name} = ${toTex(expression, leaf)}` };
}

/** The intercept of a logarithm counted in SI units, as the theory has it: 8.50 − 6.91 = 1.59. */
function countedLine({ source, inputs }: WorkedResult, { rules }: Writing): ResultLine[] {
  const used = inputs.some(({ name }) => lineWord(name) === "intercept");
  if (!source?.logShift || !used) return [];
  const { intercept, size, by } = source.logShift;
  const moved = writeInWorking(intercept + by, guardedFigures(intercept + by, size));
  const numbers = [intercept, Math.abs(by)].map((value) => ({ value, figures: 3 }));
  const sign = by < 0 ? "-" : "+";
  const [own, shift] = settled(numbers, moved, ([a = 0, b = 0]) => (by < 0 ? a - b : a + b)).map(
    ({ written }) => numberTex(written, rules.decimalMark),
  );
  const sum = `${own} ${sign} ${shift} = ${numberTex(moved, rules.decimalMark)}`;
  return [{ step: "counted", tex: `\\text{${slopeWordText("intercept")}} = ${sum}` }];
}

/** How the parts of the ± become one, with numbers. */
function togetherLine(one: WorkedResult, rules: HouseRules): ResultLine[] {
  const { parts, size, unit } = one;
  if (size === 0) return [];
  const whole = writeUnroundedUncertainty(size, rules.figuresOfUncertainty);
  const rule = rowRule(rules);
  const unsettled = parts.map((part) => unsettledSize(part.size));
  const numbers = settled(unsettled, whole, (values) => combinedUncertainty(rule, values)).map(
    ({ written }) => numberTex(written, rules.decimalMark),
  );
  const sum =
    rule === "worst-case"
      ? numbers.join(" + ")
      : `\\sqrt{${numbers.map((number) => `(${number})^{2}`).join(" + ")}}`;
  const name = `\\Delta ${symbolOf(one)}`;
  const end = united(whole, writeUnitText(unit.text), rules);
  return [{ step: "together", tex: `${name} = ${parts.length > 1 ? `${sum} = ` : ""}${end}` }];
}

/** How a result comes about: theory, what the line stands for, solved, numbers put in, unit, value and ±. */
export const resultWorking = (one: WorkedResult, writing: Writing): readonly ResultLine[] =>
  inItsLanguage(writing.rules, () => workingOf(one, writing));

function workingOf(one: WorkedResult, writing: Writing): readonly ResultLine[] {
  const { rules } = writing;
  const { result, expression, fromTheory, inputs } = one;
  const put = expression && putIn(one, workOf(expression, inputs), writing);
  const name = symbolOf(one);
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
    if (put && printFormula(expression) !== result.symbol) {
      lines.push(...countedLine(one, writing), numbersLine(one, expression, put, writing));
    }
  }
  const all = [...lines, valueLine(one, put, writing), ...togetherLine(one, rules)];
  return all.map(({ step, tex: line }) => ({
    step,
    tex: withDecimalMark(line, rules.decimalMark),
  }));
}

/** The rounded statement of a result in TeX, with its symbol. */
export const statedTex = (one: WorkedResult, rules: HouseRules): string =>
  inItsLanguage(rules, () => statedOf(one, rules));

function statedOf(one: WorkedResult, rules: HouseRules): string {
  const name = symbolOf(one);
  const unit = unitTex(writeUnitText(one.unit.text));
  if (one.size === 0)
    return `${name} = ${united(writeUnroundedValue(one.value, 0, rules.figuresOfUncertainty), writeUnitText(one.unit.text), rules)}`;
  const { value, uncertainty, exponent } = writeStatement(
    ...([one.value, one.size, rules.figuresOfUncertainty] as const),
  );
  const marked = (text: string) =>
    text.replace("−", "-").replace(".", rules.decimalMark === "comma" ? "{,}" : ".");
  const pair = `${marked(value)} \\pm ${marked(uncertainty)}`;
  if (exponent !== undefined) return `${name} = (${pair}) \\times 10^{${exponent}}${unit}`;
  return `${name} = ${unit === "" ? pair : `(${pair})${unit}`}`;
}
