import { withCapital } from "./language/capital";
import type { PropagationRule } from "@/core/uncertainty/propagate";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Share } from "@/pipeline/derived/shares";
import type { WorkedLine } from "@/pipeline/derived/workedExample";
import { deriving } from "./en/deriving";
import { worded } from "./language/worded";

const texts = worded("deriving", deriving);

/** What stands before each line of a worked example. */
export function stepLabel({ step, how }: WorkedLine): string {
  const { steps } = texts;
  if (step === "part") {
    if (how === "percentages") return steps.percentageOf;
    return how === "sum" ? steps.uncertaintyOf : steps.broughtBy;
  }
  return step === "together" && how === "percentages" ? steps.percentages : steps[step];
}

export const ruleNames: Readonly<Record<PropagationRule, string>> = texts.ruleNames;

/** Why the two ways differ here, in a sentence. */
export function rulesSentence(worst: number, quadrature: number): string {
  if (worst === 0) return texts.rules.nothing;
  if (quadrature > 0.999 * worst) return texts.rules.alike;
  return texts.rules.apart({ percent: Math.round((100 * quadrature) / worst) });
}

const misleading = 0.05;

/** What the draws gave, to those who hear the page. */
export const drawnSpoken = (uncertainty: string) => texts.drawnSpoken({ uncertainty });

/** What the draws say beside first order, in a sentence. */
export function drawnSentence(
  standardDeviation: number,
  firstOrder: number,
  { uncertaintyMeans, propagation }: HouseRules,
): string {
  const meaning = uncertaintyMeans === "limit" ? texts.drawn.limit : texts.drawn.standard;
  if (uncertaintyMeans === "limit" || propagation === "worst-case" || firstOrder === 0) {
    return meaning;
  }
  const apart = Math.abs(standardDeviation - firstOrder) / firstOrder;
  return apart > misleading
    ? `${meaning} ${texts.drawn.differs({ percent: Math.round(apart * 100) })}`
    : `${meaning} ${texts.drawn.agrees}`;
}

const decisive = 0.6;
const idle = 0.05;

/** An input with its share of the ±. */
type NamedShare = Share & {
  readonly name: string;
  /** It is repeated in each row. */
  readonly scatters: boolean;
  /** It is a time, of which several can be taken at once. */
  readonly isTime: boolean;
};

function remedyOf({ kind, scatters, isTime }: NamedShare): string {
  if (kind === "constant") return texts.advice.constant;
  if (!scatters) return texts.advice.finer;
  return isTime ? texts.advice.repeats : texts.advice.scatter;
}

/** What to do about the ±, in one line. */
export function shareAdvice(shares: readonly NamedShare[]): string | undefined {
  const sorted = [...shares].sort((a, b) => b.share - a.share);
  const [first] = sorted;
  if (!first || first.share === 0) return undefined;
  if (first.share < decisive) return texts.advice.none;
  const last = sorted.at(-1);
  const useless = last && last !== first && last.share < idle ? last : undefined;
  return [
    texts.advice.decides({ name: withCapital(first.name) }),
    remedyOf(first),
    ...(useless ? [texts.advice.useless({ name: useless.name })] : []),
  ].join(" ");
}

/** The functions that a formula may hold. */
export const functionWords = texts.functionWords;
