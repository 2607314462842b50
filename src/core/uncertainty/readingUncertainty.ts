import type { Spread } from "../statistics/spread";

/** Which number stands for the scatter of repeats. */
export const spreadRules = ["half-range", "sample-standard-deviation", "standard-error"] as const;
export type SpreadRule = (typeof spreadRules)[number];

/** How the instrument's part and the spread's part become one ±. */
export const combinationRules = [
  "larger",
  "quadrature",
  "sum",
  "spread-only",
  "instrument-only",
] as const;
export type CombinationRule = (typeof combinationRules)[number];

/** The spread part of repeats; undefined for fewer than two, where nothing can scatter. */
export function spreadPart(rule: SpreadRule, spread: Spread): number | undefined {
  if (spread.count < 2) return undefined;
  switch (rule) {
    case "half-range":
      return spread.halfRange;
    case "sample-standard-deviation":
      return spread.sampleStandardDeviation;
    case "standard-error":
      return spread.standardError;
  }
}

/**
 * One ± from both parts, in the unit of the reading. Where repeats do not scatter because there is only one,
 * the instrument's part stands alone, whatever the rule.
 */
export function combineParts(
  rule: CombinationRule,
  instrument: number,
  spread: number | undefined,
): number {
  if (spread === undefined) return instrument;
  switch (rule) {
    case "larger":
      return Math.max(instrument, spread);
    case "quadrature":
      return Math.hypot(instrument, spread);
    case "sum":
      return instrument + spread;
    case "spread-only":
      return spread;
    case "instrument-only":
      return instrument;
  }
}

/** What a ± says: the farthest that a reading can be off, or the standard uncertainty itself. */
export const uncertaintyMeanings = ["limit", "standard"] as const;
export type UncertaintyMeaning = (typeof uncertaintyMeanings)[number];

/** The part of a ± that is a standard uncertainty: 1/√3 of a limit, which stands for a rectangle (GUM 4.3.7). */
export function standardPart(means: UncertaintyMeaning): number {
  return means === "limit" ? 1 / Math.sqrt(3) : 1;
}
