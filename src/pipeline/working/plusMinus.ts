import { numberTex, unitTex } from "@/core/expression/tex";
import type { FiguresOfUncertainty } from "@/core/number/statement";
import { type Printed, printedAt, settled, type Unsettled } from "@/core/number/settled";
import { type WrittenNumber, writeUnroundedUncertainty } from "@/core/number/writtenNumber";
import { combinedUncertainty, type PropagationRule } from "@/core/uncertainty/propagate";
import type { RunText } from "@/core/unit/runText";
import { unsettledSize } from "./inputs";

/** One line of a worked example. */
export interface WorkedLine {
  readonly step: "formula" | "written-out" | "numbers" | "value" | "part" | "together" | "stated";
  /** What a "part" line is about: a symbol in TeX. */
  readonly of?: string;
  readonly how?: "sum" | "percentages" | "slopes" | "readings";
  readonly tex: string;
}

/** An input with what it brings to the ± of a result. */
export interface PartInput {
  readonly tex: string;
  readonly number: Unsettled;
  readonly size: Unsettled;
  readonly unit: RunText;
  /** ∂result/∂input in the units in which both stand in the working. */
  readonly slope: number;
  /** The unit of the slope. */
  readonly slopeUnit: RunText;
}

/** What a ± is worked out for. */
export interface Wanted {
  /** In TeX. */
  readonly name: string;
  readonly rule: PropagationRule;
  readonly figures: FiguresOfUncertainty;
  readonly value: Unsettled;
  readonly size: number;
  readonly unit: RunText;
}

/** The lines of a ± with the value as it has to stand for them to follow. */
export interface WorkedSize {
  readonly parts: readonly WorkedLine[];
  readonly together: WorkedLine;
  readonly value: Printed;
}

/** A number with its unit, in TeX. */
export const united = ({ written }: Pick<Printed, "written">, unit: RunText) =>
  `${numberTex(written)}${unitTex(unit)}`;
const percent = ({ written }: Pick<Printed, "written">) => `${numberTex(written)}\\,\\%`;
const same = (a: WrittenNumber, b: WrittenNumber) =>
  a.mantissa === b.mantissa && a.exponent === b.exponent;

/** A sign before a symbol, or before one that is a short formula itself: ΔT, Δ(1/T), ∂(ln U). */
export function signed(sign: "\\Delta" | "\\partial", name: string): string {
  return /[/(]|\\,/.test(name) ? `${sign}\\left(${name}\\right)` : `${sign} ${name}`;
}

function togetherTex(rule: PropagationRule, parts: readonly string[]): string {
  if (parts.length === 1) return parts[0] as string;
  return rule === "worst-case"
    ? parts.join(" + ")
    : `\\sqrt{${parts.map((part) => `(${part})^{2}`).join(" + ")}}`;
}

/** "a + b = c", or c alone where it says the same as the one part before it. */
function chain(rule: PropagationRule, parts: readonly string[], whole: string): string {
  const sum = togetherTex(rule, parts);
  return sum === whole ? whole : `${sum} = ${whole}`;
}

/** The ± before the house rounds it, as it stands behind the parts. */
const wholeOf = ({ size, figures }: Wanted) => writeUnroundedUncertainty(size, figures);

function exactOr(value: number, figures: number): Unsettled {
  const clean = Number(value.toPrecision(12));
  for (let own = 1; own <= figures; own++) {
    if (Number(clean.toPrecision(own)) === clean) return { value: clean, figures: own };
  }
  return { value, figures };
}

/** A number of ± of each input: sums add them (calculation § 3). */
export function bySum(
  wanted: Wanted,
  inputs: readonly PartInput[],
  coefficients: readonly number[],
): WorkedSize {
  const { name, rule, unit } = wanted;
  const whole = wholeOf(wanted);
  const alone = coefficients.map((coefficient) => Math.abs(coefficient - 1) < 1e-12);
  const unsettled = inputs.map(({ size }, i) =>
    alone[i] ? size : unsettledSize((coefficients[i] as number) * size.value),
  );
  const parts = settled(unsettled, whole, (values) => combinedUncertainty(rule, values));
  const lines = inputs.map((input, i): WorkedLine => {
    const part = parts[i] as Printed;
    const of = { step: "part", how: "sum", of: input.tex } as const;
    if (alone[i]) return { ...of, tex: united(part, unit) };
    const coefficient = exactOr(coefficients[i] as number, 4);
    const [times, size] = settled([coefficient, input.size], part.written, ([a = 0, b = 0]) => a * b); // prettier-ignore
    const product = `${numberTex((times as Printed).written)} \\times ${united(size as Printed, input.unit)}`;
    return { ...of, tex: `${product} = ${united(part, unit)}` };
  });
  const sums = parts.map(({ written }) => numberTex(written));
  const end = united({ written: whole }, unit);
  const together = parts.length === 1 ? end : `${togetherTex(rule, sums)} = ${end}`;
  return {
    parts: lines,
    together: { step: "together", how: "sum", tex: `${signed("\\Delta", name)} = ${together}` },
    value: printedAt(wanted.value),
  };
}

/** Percentages, times the power: pure products add them (calculation § 3). */
export function byPercentages(
  wanted: Wanted,
  inputs: readonly PartInput[],
  powers: readonly number[],
): WorkedSize {
  const { name, rule, unit, value, size } = wanted;
  const whole = wholeOf(wanted);
  const total = unsettledSize((100 * size) / Math.abs(value.value));
  const [all, stood] = settled(
    [total, value],
    whole,
    ([a = 0, b = 0]) => (a / 100) * Math.abs(b),
  ) as [...[Printed, Printed]];
  const shares = inputs.map(({ number, size: own }, i) =>
    unsettledSize(Math.abs(((100 * own.value) / number.value) * (powers[i] as number))),
  );
  const parts = settled(shares, all.written, (values) => combinedUncertainty(rule, values));
  const lines = inputs.map((input, i): WorkedLine => {
    const power = Math.abs(powers[i] as number);
    const part = parts[i] as Printed;
    const own = percentOf(input, power, part);
    const quotient = `\\frac{${united(own.size, input.unit)}}{${united(own.number, input.unit).replace(/^-/, "")}} = ${percent(own.share)}`;
    const times = `${quotient},\\quad ${numberTex(own.power)} \\times ${percent(own.share)} = ${percent(part)}`;
    return { step: "part", how: "percentages", of: input.tex, tex: power === 1 ? quotient : times };
  });
  const delta = signed("\\Delta", name);
  const under = value.value < 0 ? `\\left|${name}\\right|` : name;
  const sum = chain(rule, parts.map(percent), percent(all));
  return {
    parts: lines,
    together: {
      step: "together",
      how: "percentages",
      tex: `\\frac{${delta}}{${under}} = ${sum},\\quad ${delta} = ${united({ written: whole }, unit)}`,
    },
    value: stood,
  };
}

/** The percentage of one input, with the numbers from which it follows, such that its power follows from it. */
function percentOf({ number, size }: PartInput, power: number, part: Printed) {
  const plain = unsettledSize(Math.abs((100 * size.value) / number.value));
  const exponent = exactOr(power, 6);
  const [times, share] =
    power === 1
      ? [printedAt(exponent), part]
      : (settled([exponent, plain], part.written, ([a = 0, b = 0]) => a * b) as [Printed, Printed]);
  const [of, under] = settled([size, number], share.written, ([a = 0, b = 0]) =>
    Math.abs((100 * a) / b),
  ) as [Printed, Printed];
  return { power: times.written, share, size: of, number: under };
}

/** Partial derivatives with numbers put in, times the ± of each input (calculation § 3). */
export function bySlopes(wanted: Wanted, inputs: readonly PartInput[]): WorkedSize {
  const { name, rule, unit } = wanted;
  const whole = wholeOf(wanted);
  const sizes = inputs.map(({ slope, size }) => unsettledSize(Math.abs(slope) * size.value));
  const parts = settled(sizes, whole, (values) => combinedUncertainty(rule, values));
  const lines = inputs.map((input, i): WorkedLine => {
    const part = parts[i] as Printed;
    const slope = { value: Math.abs(input.slope), figures: 3 };
    const [steep, size] = settled([slope, input.size], part.written, ([a = 0, b = 0]) => a * b) as [
      ...[Printed, Printed],
    ];
    const partial = `\\left|\\frac{${signed("\\partial", name)}}{${signed("\\partial", input.tex)}}\\right|\\,${signed("\\Delta", input.tex)}`;
    return {
      step: "part",
      how: "slopes",
      of: input.tex,
      tex: `${partial} = ${united(steep, input.slopeUnit)} \\times ${united(size, input.unit)} = ${united(part, unit)}`,
    };
  });
  return {
    parts: lines,
    together: togetherOf(wanted, parts, whole, "slopes"),
    value: printedAt(wanted.value),
  };
}

function togetherOf(
  { name, rule, unit }: Wanted,
  parts: readonly Printed[],
  whole: WrittenNumber,
  how: "slopes" | "readings",
): WorkedLine {
  const end = united({ written: whole }, unit);
  const [only] = parts;
  const single = parts.length === 1 && only && same(only.written, whole);
  const sum = togetherTex(rule, parts.map(({ written }) => numberTex(written))); // prettier-ignore
  const tex = `${signed("\\Delta", name)} = ${single || parts.length === 1 ? end : `${sum} = ${end}`}`;
  return { step: "together", how, tex };
}

/** What each input brings, worked out reading by reading where its readings enter the result together. */
export function byReadings(
  wanted: Wanted,
  inputs: readonly { readonly tex: string; readonly size: number }[],
): WorkedSize {
  const { rule, unit } = wanted;
  const whole = wholeOf(wanted);
  const sizes = inputs.map(({ size }) => unsettledSize(size));
  const parts = settled(sizes, whole, (values) => combinedUncertainty(rule, values));
  return {
    parts: inputs.map(({ tex }, i) => ({
      step: "part",
      how: "readings",
      of: tex,
      tex: united(parts[i] as Printed, unit),
    })),
    together: togetherOf(wanted, parts, whole, "readings"),
    value: printedAt(wanted.value),
  };
}
