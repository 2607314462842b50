import type { GivenPair } from "@/core/number/givenNumber";
import { writeNumber, writeStatement, type WrittenStatement } from "@/core/number/writtenNumber";
import type { RunText } from "@/core/unit/runText";
import { writeUnitText } from "@/core/unit/unitText";
import type { HouseRules } from "@/investigation/model/houseRules";
import { marked, numberRuns } from "@/pipeline/lines/lineEquation";

type Writing = Pick<HouseRules, "figuresOfUncertainty" | "decimalMark">;

function pair({ value, uncertainty, exponent }: WrittenStatement, unit: RunText): RunText {
  const power: RunText =
    exponent === undefined
      ? []
      : [
          { text: "\u00a0×\u00a010" },
          { text: String(exponent).replace("-", "−"), script: "super" },
        ];
  const bracket = unit.length > 0 || exponent !== undefined;
  const [open, close] = bracket ? ["(", ")"] : ["", ""];
  return [{ text: `${open}${value}\u00a0±\u00a0${uncertainty}${close}` }, ...power];
}

/** A value and its ± as somebody gave them, with the unit: never rounded, never with further digits. */
export function givenRuns(given: GivenPair, unit: string, writing: Writing): RunText {
  const upright = writeUnitText(unit);
  const { value, uncertainty, exponent } = given;
  const number =
    uncertainty === undefined
      ? numberRuns({ mantissa: value, ...(exponent !== undefined && { exponent }) })
      : pair({ value, uncertainty, ...(exponent !== undefined && { exponent }) }, upright);
  const runs = upright.length > 0 ? [...number, { text: "\u00a0" }, ...upright] : number;
  return marked(runs, writing);
}

/** "(12.5 ± 0.4) s² m⁻³": a value with its ± and unit, or a bare number where no ± is known. */
export function statementRuns(
  value: number,
  size: number,
  unit: string | RunText,
  writing: Writing,
): RunText {
  const upright = typeof unit === "string" ? writeUnitText(unit) : unit;
  const number =
    size > 0
      ? pair(writeStatement(value, size, writing.figuresOfUncertainty), upright)
      : numberRuns(writeNumber(Number(value.toPrecision(15)), 4));
  const runs = upright.length > 0 ? [...number, { text: "\u00a0" }, ...upright] : number;
  return marked(runs, writing);
}
