import { compile } from "@/core/expression/compile";
import { evaluateAt } from "@/core/expression/evaluate";
import type { RunText } from "@/core/unit/runText";
import { coherentFactors } from "@/core/unit/understandUnit";
import { quotientUnit, readUnit, writeUnit, writeUnitText } from "@/core/unit/unitText";
import type { DerivedColumn } from "../readings/evaluated";
import { asGiven, type GivenInput, inCoherentUnits, type PutIn } from "../working/inputs";
import type { PartInput } from "../working/plusMinus";
import type { SpelledOut } from "../working/spelledOut";
import type { DirectInput } from "./directInputs";

/** A formula with the numbers that are put in, in units in which they can be reckoned with as they stand. */
export interface Put {
  readonly spelled: SpelledOut;
  readonly inputs: readonly DirectInput[];
  readonly numbers: readonly PutIn[];
  /** What comes of the numbers as they stand, and the unit of it. */
  readonly work: (values: readonly number[]) => number;
  readonly unit: RunText;
  /** From the shown unit to that of the numbers. */
  readonly factor: number;
  readonly offset: number;
}

/** Whether two numbers differ by rounding alone. */
export function agrees(a: number, b: number, part = 1e-9): boolean {
  return Math.abs(a - b) <= part * Math.max(Math.abs(a), Math.abs(b));
}

function workOf({ expression, slots }: SpelledOut) {
  const at = new Map(slots.map(({ key }, index) => [key, index]));
  const compiled = compile(expression, (name) => at.get(name) as number);
  return (values: readonly number[]) => compiled(Float64Array.from(values));
}

/** A logarithm takes the number in the unit that was typed, so inside one nothing is converted (calculation § 5). */
const converted = (input: GivenInput, inLog: boolean) =>
  inLog ? asGiven(input) : inCoherentUnits(input);

/** Numbers as they were given where they can be reckoned with so, else converted beforehand (calculation § 3). */
export function putIn(
  spelled: SpelledOut,
  inputs: readonly DirectInput[],
  value: { readonly shown: number; readonly si: number },
  { shown }: DerivedColumn["formula"],
): Put {
  const work = workOf(spelled);
  const worked = (numbers: readonly PutIn[]) => work(numbers.map(({ number }) => number.value));
  const asTheyAre = inputs.map(({ given }) => asGiven(given));
  const own = { spelled, inputs, work };
  const fahrenheit = inputs.some(({ given: { offset, factor } }) => offset !== 0 && factor !== 1);
  const fits = agrees(worked(asTheyAre), value.shown);
  if (fits && !fahrenheit) {
    return { ...own, numbers: asTheyAre, unit: writeUnitText(shown.text), factor: 1, offset: 0 };
  }
  const inSi = inputs.map(({ given, slot }) => converted(given, slot.inLog));
  const { factor, offset } = shown;
  if (agrees(worked(inSi), value.si)) {
    const plain = factor === 1 && offset === 0;
    const unit = plain ? writeUnitText(shown.text) : writeUnit(coherentFactors(readUnit(shown.text) ?? shown.factors)); // prettier-ignore
    return { ...own, numbers: inSi, unit, factor: plain ? 1 : factor, offset: plain ? 0 : offset };
  }
  return { ...own, numbers: asTheyAre, unit: writeUnitText(shown.text), factor: 1, offset: 0 };
}

/** The slopes of a spelled-out formula along each number that is put in, as it stands. */
export function slopesOf({ spelled, numbers }: Put): readonly number[] | undefined {
  const inputs = Object.fromEntries(
    spelled.slots.map(({ key }, i) => [key, (numbers[i] as PutIn).number.value]),
  );
  const found = evaluateAt(spelled.expression, inputs);
  return found.kind === "value" ? found.slopes : undefined;
}

/** What each number brings along its slope, in the units in which they stand. */
export function partInputs(put: Put, slopes: readonly number[]): readonly PartInput[] {
  const factors = (text: RunText) => readUnit(text.map((run) => (run.script === "super" ? `^${run.text.replace("−", "-")}` : run.text)).join("")) ?? []; // prettier-ignore
  return put.inputs.map((input, i): PartInput => {
    const { number, size, unit } = put.numbers[i] as PutIn;
    const slopeUnit = writeUnit(quotientUnit(factors(put.unit), factors(unit)));
    return { tex: input.tex, number, size, unit, slope: slopes[i] as number, slopeUnit };
  });
}
