import type { CurveFit } from "./curveFit";

/** Two parameters that err together. */
export interface ParameterPair {
  readonly names: readonly [string, string];
  /** cov(a, b), in the product of their units. */
  readonly covariance: number;
  /** cov(a, b)/(u(a) u(b)), from −1 to 1. */
  readonly correlation: number;
}

/** Every pair of parameters that were looked for, those that hang together most closely first; none without covariance. */
export function parameterPairs({
  parameters,
  covariance,
}: Pick<CurveFit, "parameters" | "covariance">): readonly ParameterPair[] {
  if (!covariance) return [];
  const pairs: ParameterPair[] = [];
  parameters.forEach((a, i) =>
    parameters.slice(0, i).forEach((b, j) => {
      const own = Math.sqrt((covariance[i]?.[i] ?? 0) * (covariance[j]?.[j] ?? 0));
      const both = covariance[i]?.[j] ?? 0;
      if (own > 0) {
        pairs.push({ names: [b.name, a.name], covariance: both, correlation: both / own });
      }
    }),
  );
  return pairs.sort((a, b) => Math.abs(b.correlation) - Math.abs(a.correlation));
}
