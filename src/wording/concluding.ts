import { writePercent, writePlainly } from "@/core/number/writtenNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Result, ResultSource, SourceKind } from "@/investigation/model/result";
import type { Effect } from "@/pipeline/checks/effects";
import type { ResultPart } from "@/pipeline/results/evaluatedResult";
import type { ComparedResult } from "@/pipeline/results/resultComparison";
import type { ResultLine } from "@/pipeline/results/resultWorking";

/** What a result may be taken from. */
export const sourceWords: Readonly<Record<SourceKind, string>> = {
  slope: "the slope of a line",
  intercept: "the intercept of a line",
  parameter: "a parameter of a curve",
  crossing: "where two lines cross",
  "read-off": "a value read off",
  mean: "the mean of a quantity",
  none: "constants and earlier results",
};

export const byWords: Readonly<Record<Result["by"], string>> = {
  theory: "by the theory, solved for it",
  formula: "by a formula of one’s own",
  itself: "as it stands",
};

export const usesWords: Readonly<Record<Result["uses"], string>> = {
  house: "as the house rules say",
  range: "half the slope range",
  error: "the standard error",
};

const stepWords: Readonly<Record<ResultLine["step"], string>> = {
  theory: "theory",
  "stands-for": "so it stands for",
  solved: "solved",
  formula: "formula",
  counted: "counted in SI units",
  numbers: "numbers in",
  value: "value",
  together: "± together",
};

/** What stands before each line of how a result comes about. */
export function resultStep({ step }: ResultLine, about?: string): string {
  return step === "stands-for" && about ? `so the ${about} is` : stepWords[step];
}

/** "From the slope of Figure 2." */
export function sourceSentence(source: ResultSource, named: string, slopeWord: string): string {
  switch (source.kind) {
    case "slope":
      return `From the ${slopeWord} of ${named}.`;
    case "intercept":
      return `From the intercept of ${named}.`;
    case "parameter":
      return `From the curve in ${named}.`;
    case "crossing":
      return `From where the lines of ${named} cross.`;
    case "read-off":
      return `Read off ${named}.`;
    case "mean":
      return `From the mean of ${named}.`;
    case "none":
      return "From constants and earlier results.";
  }
}

/** How a result lies beside the accepted value, in a sentence. */
export function comparisonSentence(
  compared: ComparedResult,
  { uncertaintyMeans }: Pick<HouseRules, "uncertaintyMeans">,
): string {
  if (compared.kind !== "compared") return "";
  const { difference, percent, meet, inCombined } = compared.comparison;
  const way = difference > 0 ? "high" : "low";
  const by = percent === undefined ? "" : `${writePercent(Math.abs(percent))} % ${way}`;
  const off = difference === 0 ? "it agrees exactly" : by === "" ? `it is ${way}` : `it is ${by}`;
  const counted =
    uncertaintyMeans === "standard" && inCombined !== undefined
      ? ` That is ${writePlainly(inCombined, 2)} combined standard uncertainties.`
      : "";
  return meet
    ? `The two ranges meet: the result agrees with the accepted value within its ±, though ${off}.${counted}`.replace(
        ", though it agrees exactly",
        "",
      )
    : `The two ranges do not meet: the result disagrees with the accepted value; ${off}.${counted}`;
}

/** What would bring the result to the accepted value. */
export function explanationSentence(name: string, off: string, larger: boolean): string {
  return `A ${name} taken ${off} too ${larger ? "large" : "small"} would explain it.`;
}

/** What to do about the largest part of the ± of a result, in one line. */
export function partAdvice(
  parts: readonly ResultPart[],
  nameOf: (part: ResultPart) => string,
): string | undefined {
  const [first] = parts;
  if (!first) return undefined;
  const percent = Math.round(100 * first.share);
  const name = nameOf(first);
  const begin = `${name.charAt(0).toUpperCase()}${name.slice(1)} brings ${percent} % of it.`;
  switch (first.kind) {
    case "constant":
      return `${begin} Measure it at more places, or with a finer instrument.`;
    case "column":
      return `${begin} It is common to all rows: take more of them.`;
    case "source":
      return `${begin} Take readings over a wider range, and make the error bars of the end points shorter.`;
  }
}

/** What kind of effect it is, in a word. */
export function effectKind({ kind }: Effect): string {
  return kind === "instrument" ? "instrument" : kind;
}

/** What an effect seen in the readings may mean. */
export function effectSentence(effect: Effect): string {
  if (effect.kind === "instrument") {
    const read = effect.instrument ? ` of the ${effect.instrument}` : "";
    return `The repeats of ${effect.quantity} agree better than the ±${read} says: could it be read more finely, or more of it at once, and might it be off by the same amount each time?`;
  }
  switch (effect.finding) {
    case "intercept-off-zero":
      return "The intercept lies off zero: is there a zero error, or an offset that shifts every reading alike?";
    case "curve-in-residuals":
      return "The readings lie about the line in a pattern: does something leave the theory out of account, such as friction, heating or drift?";
    case "line-misses-boxes":
    case "many-boxes-missed":
      return "Readings scatter more than their ± says: what else varied from reading to reading?";
    case "bars-seem-too-long":
      return "Readings scatter less than their ± says: is the ± of the instrument taken too large?";
    case "dominant-reading":
      return "One reading alone holds the line: can it be repeated?";
    default:
      return "";
  }
}

/** A result that is there, to those who hear the page. */
export const foundSpoken = (text: string) => `Found: ${text}.`;
