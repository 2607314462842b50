import { weightedMean } from "@/core/statistics/weightedMean";
import type { StatedResult } from "./glance";

/** How the results of a class lie beside one another. */
export type Agreement = "agree" | "apart" | "closer than expected";

/** The results of all benches together, in SI units. */
export interface ClassSummary {
  readonly mean: number;
  readonly uncertainty: number;
  /** How many results it is the mean of. */
  readonly of: number;
  /** χ² by its degrees of freedom; undefined for a single result. */
  readonly reducedChiSquared?: number;
  readonly agreement?: Agreement;
}

const unlikely = 0.05;

function agreementOf(probability: number): Agreement {
  if (probability < unlikely) return "apart";
  return probability > 1 - unlikely ? "closer than expected" : "agree";
}

/** Whether two results are of one kind, so that they lie on one number line. */
export function alike(a: StatedResult, b: StatedResult): boolean {
  return a.dimension.every((power, i) => power === b.dimension[i]);
}

/**
 * The weighted mean of all results that have a ±, and whether they agree. The ± are taken as they are stated, whether the
 * house calls them limits or standard uncertainties: limits agree a little sooner.
 * @param results of one kind; @returns undefined where none has a ±.
 */
export function classSummary(results: readonly StatedResult[]): ClassSummary | undefined {
  const known = results.filter(({ uncertainty }) => uncertainty > 0);
  const found = weightedMean(known);
  if (!found) return undefined;
  const { mean, uncertainty, chiSquared, freedom, probability } = found;
  const of = known.length;
  if (probability === undefined) return { mean, uncertainty, of };
  const reducedChiSquared = chiSquared / freedom;
  return { mean, uncertainty, of, reducedChiSquared, agreement: agreementOf(probability) };
}
