import type { HouseRules, ReadySet } from "@/investigation/model/houseRules";
import { combinationNames, spreadNames } from "./uncertainty";

type Words = {
  readonly [Rule in keyof HouseRules]: {
    readonly label: string;
    readonly values: Readonly<Record<HouseRules[Rule], string>>;
  };
};

/** The house rules as they are asked and answered. */
export const houseRuleWords: Words = {
  uncertaintyMeans: {
    label: "What a ± means",
    values: {
      limit: "a limit: the true value lies inside",
      standard: "a standard uncertainty (k = 1)",
    },
  },
  spread: { label: "Scatter of repeats", values: spreadNames },
  combination: { label: "Scatter and instrument together", values: combinationNames },
  propagation: {
    label: "± of what is worked out",
    values: {
      "worst-case": "worst case: all ± at their limits at once",
      quadrature: "quadrature: independent ± partly cancel",
      "monte-carlo": "Monte Carlo: drawn many times",
    },
  },
  figuresOfUncertainty: {
    label: "Figures of a ±",
    values: {
      one: "always one",
      "one-or-two": "one, but two after a leading 1",
      two: "always two",
    },
  },
  headings: {
    label: "Headings and axes",
    values: { slash: "quantity / unit", brackets: "quantity (unit)" },
  },
  slopeWord: {
    label: "Word for the steepness of a line",
    values: { slope: "slope", gradient: "gradient" },
  },
  decimalMark: { label: "Decimal mark", values: { point: "point: 0.5", comma: "comma: 0,5" } },
  slopeRange: {
    label: "How far a line can turn",
    values: {
      "every-box": "through every error box",
      "end-boxes": "through the first and the last box",
      "by-hand": "by two straightedges laid by hand",
      statistics: "by the standard error of the fit",
    },
  },
};

/** Ready sets of house rules by neutral names. */
export const readySetNames: Readonly<Record<ReadySet, string>> = {
  "limits-worst-case": "School: limits, worst case",
  "limits-quadrature": "School: limits, quadrature",
  "limits-end-boxes": "School: limits, lines through the end boxes",
  "standard-quadrature": "University: standard uncertainty, quadrature",
};

export const readySetWords = { label: "Start from", own: "a set of one’s own" } as const;

/** The rules in the order and under the headings in which they are asked. */
export const houseRuleGroups: readonly {
  readonly title: string;
  readonly rules: readonly (keyof HouseRules)[];
}[] = [
  {
    title: "How sure a number is",
    rules: ["uncertaintyMeans", "spread", "combination", "propagation", "figuresOfUncertainty"],
  },
  { title: "Lines", rules: ["slopeRange", "slopeWord"] },
  { title: "How things are written", rules: ["headings", "decimalMark"] },
];
