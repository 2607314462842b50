import type { HouseRules, ReadySet } from "@/investigation/model/houseRules";
import { combinationNames, spreadNames } from "./uncertainty";
import { houseRules } from "./en/houseRules";
import { withFurther, worded } from "./language/worded";

const texts = worded("houseRules", houseRules);

type Words = {
  readonly [Rule in keyof HouseRules]: {
    readonly label: string;
    readonly values: Readonly<Record<HouseRules[Rule], string>>;
  };
};

/** The house rules as they are asked and answered. */
export const houseRuleWords: Words = withFurther(texts.houseRuleWords, {
  spread: { values: spreadNames },
  combination: { values: combinationNames },
});

/** Ready sets of house rules by neutral names. */
export const readySetNames: Readonly<Record<ReadySet, string>> = texts.readySetNames;

export const readySetWords = texts.readySetWords;

/** The rules in the order and under the headings in which they are asked. */
export const houseRuleGroups: readonly {
  readonly group: keyof typeof texts.groups;
  readonly rules: readonly (keyof HouseRules)[];
}[] = [
  {
    group: "sure",
    rules: ["uncertaintyMeans", "spread", "combination", "propagation", "figuresOfUncertainty"],
  },
  { group: "lines", rules: ["slopeRange", "slopeWord"] },
  { group: "written", rules: ["language", "headings", "decimalMark"] },
];

/** A rule as a language has it: "Decimal mark: comma: 0,5". */
export function conventionInWords<Rule extends keyof HouseRules>(
  rule: Rule,
  wanted: Partial<Pick<HouseRules, Rule>>,
): string {
  const { label, values } = houseRuleWords[rule];
  const value = wanted[rule];
  return value === undefined ? label : texts.proposed.rule({ label, value: values[value] });
}

/** What goes with the language of a report, and how it is taken over. */
export const proposedRules = (language: HouseRules["language"], rules: readonly string[]): string =>
  texts.proposed[language]({ rules: rules.join("; ") });

export const takeProposed = (): string => texts.proposed.take;

export const houseRuleGroupNames = texts.groups;
