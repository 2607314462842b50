import { decimalMarks } from "@/core/number/readNumber";
import { figuresOfUncertainty } from "@/core/number/statement";
import {
  combinationRules,
  spreadRules,
  uncertaintyMeanings,
} from "@/core/uncertainty/readingUncertainty";
import type { Chosen } from "./choices";

/** What each house rule may be. */
export const houseRuleValues = {
  /** A ± is a limit (the true value lies inside) or a standard uncertainty (GUM, k = 1). */
  uncertaintyMeans: uncertaintyMeanings,
  spread: spreadRules,
  combination: combinationRules,
  propagation: ["worst-case", "quadrature", "monte-carlo"],
  figuresOfUncertainty,
  headings: ["slash", "brackets"],
  slopeWord: ["slope", "gradient"],
  decimalMark: decimalMarks,
  slopeRange: ["every-box", "end-boxes", "by-hand", "statistics"],
} as const;

/** Conventions of a class or exam board. */
export type HouseRules = Chosen<typeof houseRuleValues>;

const schoolLimits: HouseRules = {
  uncertaintyMeans: "limit",
  spread: "half-range",
  combination: "larger",
  propagation: "worst-case",
  figuresOfUncertainty: "one",
  headings: "slash",
  slopeWord: "slope",
  decimalMark: "point",
  slopeRange: "every-box",
};

const standardUncertainty: HouseRules = {
  ...schoolLimits,
  uncertaintyMeans: "standard",
  spread: "standard-error",
  combination: "quadrature",
  propagation: "quadrature",
  figuresOfUncertainty: "one-or-two",
  slopeRange: "statistics",
};

/** Sets to start from. The decimal mark and the word for the slope are a country's, not a set's. */
export const readySets = {
  "limits-worst-case": schoolLimits,
  "limits-quadrature": { ...schoolLimits, propagation: "quadrature" },
  "limits-end-boxes": { ...schoolLimits, combination: "sum", slopeRange: "end-boxes" },
  "standard-quadrature": standardUncertainty,
} as const satisfies Record<string, HouseRules>;

export type ReadySet = keyof typeof readySets;

/** What a set leaves as it was. */
export const localRules = ["slopeWord", "decimalMark", "headings"] as const;

/** The rules with a ready set laid over them. */
export function withReadySet(rules: HouseRules, set: ReadySet): HouseRules {
  const kept = Object.fromEntries(localRules.map((rule) => [rule, rules[rule]]));
  return { ...readySets[set], ...kept };
}

/** The ready set that the rules agree with, or undefined. */
export function readySetOf(rules: HouseRules): ReadySet | undefined {
  const names = Object.keys(readySets) as ReadySet[];
  return names.find((name) => {
    const set = withReadySet(rules, name);
    return (Object.keys(set) as (keyof HouseRules)[]).every((rule) => set[rule] === rules[rule]);
  });
}
