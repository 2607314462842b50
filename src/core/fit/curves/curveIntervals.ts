import { studentTFactor } from "../../statistics/studentT";
import type { CurveFit } from "./curveFit";

/**
 * t · standard error of each parameter in their order, with Student's t at the fit's degrees of freedom: the half of the
 * interval that holds the true value at a two-sided level. Undefined for parameters without a standard error.
 * @param level between 0 and 1.
 */
export function parameterHalves(
  { parameters, degreesOfFreedom }: Pick<CurveFit, "parameters" | "degreesOfFreedom">,
  level: number,
): readonly (number | undefined)[] {
  if (degreesOfFreedom < 1) return parameters.map(() => undefined);
  const t = studentTFactor(level, degreesOfFreedom);
  return parameters.map(({ standardError, undetermined }) =>
    standardError === undefined || undetermined ? undefined : t * standardError,
  );
}

/**
 * R² that counts the parameters: 1 − (1 − R²)(n − 1)/(n − p), with p parameters looked for through n points.
 * Undefined where R² is, or where no degree of freedom is left.
 */
export function adjustedRSquared({
  rSquared,
  count,
  freeCount,
}: Pick<CurveFit, "rSquared" | "count" | "freeCount">): number | undefined {
  if (rSquared === undefined || count <= freeCount) return undefined;
  return 1 - ((1 - rSquared) * (count - 1)) / (count - freeCount);
}
