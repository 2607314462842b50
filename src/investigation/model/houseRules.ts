import { decimalMarks } from "@/core/number/readNumber";
import { figuresOfUncertainty } from "@/core/number/statement";
import {
  combinationRules,
  spreadRules,
  uncertaintyMeanings,
} from "@/core/uncertainty/readingUncertainty";
import type { Chosen } from "./choices";

/** The languages that figures and reports can be written in, as BCP 47 names them. */
export const reportLanguages = ["en", "de"] as const;

export type ReportLanguage = (typeof reportLanguages)[number];

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
  /** In which language figures and the report say what they say of themselves. */
  language: reportLanguages,
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
  language: "en",
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

/** Sets to start from. The language, the decimal mark and the word for the slope are a country's, not a set's. */
export const readySets = {
  "limits-worst-case": schoolLimits,
  "limits-quadrature": { ...schoolLimits, propagation: "quadrature" },
  "limits-end-boxes": { ...schoolLimits, combination: "sum", slopeRange: "end-boxes" },
  "standard-quadrature": standardUncertainty,
} as const satisfies Record<string, HouseRules>;

export type ReadySet = keyof typeof readySets;

/** What a set leaves as it was. */
export const localRules = ["slopeWord", "decimalMark", "headings", "language"] as const;

type Conventions = Partial<Pick<HouseRules, "decimalMark" | "figuresOfUncertainty">>;

/**
 * What goes with a language where it is taught and can be taken over as it stands: of German the decimal comma, under which
 * points are read too, and figures of a ± by DIN 1333. A point is not proposed: under it typed commas would not be read.
 */
export const conventionsOf: Readonly<Record<ReportLanguage, Conventions>> = {
  en: {},
  de: { decimalMark: "comma", figuresOfUncertainty: "din-1333" },
};

/** The conventions of the language of the rules that they do not keep to, each by its rule. */
export function unlikeLanguage(rules: HouseRules): readonly (keyof Conventions)[] {
  const own = conventionsOf[rules.language];
  const named = Object.keys(own) as (keyof Conventions)[];
  return named.filter((rule) => own[rule] !== rules[rule]);
}

/** The rules of something that is begun in a language: its decimal mark at once, the rest is proposed. */
export function begunIn(language: ReportLanguage, rules: HouseRules): HouseRules {
  return { ...rules, language, decimalMark: conventionsOf[language].decimalMark ?? "point" };
}

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
