import { inSentence } from "./language/numbers";
import { withCapital } from "./language/capital";
import { writePercent, writePlainly } from "@/core/number/writtenNumber";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Result, ResultSource, SourceKind } from "@/investigation/model/result";
import type { Effect } from "@/pipeline/checks/effects";
import type { ResultPart } from "@/pipeline/results/evaluatedResult";
import type { ComparedResult } from "@/pipeline/results/resultComparison";
import type { ResultLine } from "@/pipeline/results/resultWorking";
import { concluding } from "./en/concluding";
import { worded } from "./language/worded";

const texts = worded("concluding", concluding);

/** What a result may be taken from. */
export const sourceName = (kind: SourceKind, word: HouseRules["slopeWord"]): string =>
  kind === "slope" ? texts.sourceWords.slope({ word }) : texts.sourceWords[kind];

export const byWords: Readonly<Record<Result["by"], string>> = texts.byWords;

export const usesWords: Readonly<Record<Result["uses"], string>> = texts.usesWords;

const stepWords: Readonly<Record<ResultLine["step"], string>> = texts.stepWords;

/** What stands before each line of how a result comes about; what it is taken from is the word of the house rules, or "intercept". */
export const resultStep = ({ step }: ResultLine, about?: string): string =>
  step === "stands-for" && about ? texts.soItIs({ about }) : stepWords[step];

/** "From the slope of Figure 2." */
export function sourceSentence(
  { kind }: ResultSource,
  named: string,
  word: HouseRules["slopeWord"],
): string {
  const said = texts.fromSource;
  if (kind === "none") return said.none;
  return kind === "slope" ? said.slope({ word, named }) : said[kind]({ named });
}

/** How a result lies beside the accepted value, in a sentence. */
export function comparisonSentence(
  compared: ComparedResult,
  { uncertaintyMeans }: Pick<HouseRules, "uncertaintyMeans">,
): string {
  if (compared.kind !== "compared") return "";
  const { difference, percent, meet, inCombined } = compared.comparison;
  const said = meet ? texts.compared.meets : texts.compared.misses;
  const way = difference > 0 ? "high" : "low";
  const off =
    difference === 0
      ? said.exactly
      : percent === undefined
        ? said.off({ way })
        : said.by({ way, percent: inSentence(writePercent(Math.abs(percent))) });
  const counted =
    uncertaintyMeans === "standard" && inCombined !== undefined
      ? texts.compared.inCombined({ times: inSentence(writePlainly(inCombined, 2)) })
      : "";
  return [off, counted].filter(Boolean).join(" ");
}

/** What would bring the result to the accepted value. */
export const explanationSentence = (name: string, off: string, larger: boolean): string =>
  texts.explanation({ size: larger ? "large" : "small", name, off });

/** What to do about the largest part of the ± of a result, in one line. */
export function partAdvice(
  parts: readonly ResultPart[],
  nameOf: (part: ResultPart) => string,
): string | undefined {
  const [first] = parts;
  if (!first) return undefined;
  const percent = Math.round(100 * first.share);
  return texts.part[first.kind]({ name: withCapital(nameOf(first)), percent });
}

/** What kind of effect it is, in a word. */
export const effectKind = ({ kind }: Effect): string => texts.effectKinds[kind];

/** What an effect seen in the readings may mean. */
export function effectSentence(effect: Effect): string {
  const said = texts.effects;
  if (effect.kind === "instrument") {
    const { quantity, instrument } = effect;
    return instrument ? said.ofInstrument({ quantity, instrument }) : said.instrument({ quantity });
  }
  const finding = effect.finding === "many-boxes-missed" ? "line-misses-boxes" : effect.finding;
  return finding in said
    ? said[finding as Exclude<keyof typeof said, "instrument" | "ofInstrument">]
    : "";
}

/** A result that is there, to those who hear the page. */
export const foundSpoken = (text: string) => texts.found({ text });
