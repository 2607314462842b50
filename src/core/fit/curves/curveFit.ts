import type { Finding } from "../../finding/finding";
import type { CurveModel } from "./curveModel";

/** One number of a curve, with how sure it is. */
export interface FittedParameter {
  readonly name: string;
  readonly value: number;
  /** Undefined for one that was kept, and where there is no degree of freedom to spare. */
  readonly standardError?: number | undefined;
  readonly fixed: boolean;
  /** The points do not tell it: it makes up for another one and its ± is larger than itself, or the search did not settle. */
  readonly undetermined?: true;
}

/** A curve through points; what is not defined is undefined, never NaN. */
export interface CurveFit {
  readonly model: CurveModel;
  readonly parameters: readonly FittedParameter[];
  /** Among all parameters in their order, 0 for those that were kept. */
  readonly covariance: readonly (readonly number[])[] | undefined;
  readonly count: number;
  /** How many parameters were looked for. */
  readonly freeCount: number;
  readonly degreesOfFreedom: number;
  readonly weighting: "none" | "y";
  readonly converged: boolean;
  /** Σ (y − f)², in the unit of y squared. */
  readonly residualSumOfSquares: number;
  readonly residualStandardDeviation?: number | undefined;
  readonly rSquared?: number | undefined;
  readonly chiSquare?: number | undefined;
  readonly reducedChiSquare?: number | undefined;
  /** Akaike's criterion for few points; lower is better among curves through the same points. */
  readonly criterion?: number | undefined;
  /** Whether the search ended elsewhere from another start that looked as good. */
  readonly startMattered: boolean;
  readonly findings: readonly Finding[];
}

export type CurveOutcome =
  | { readonly kind: "curve"; readonly fit: CurveFit }
  | { readonly kind: "no-curve"; readonly finding: Finding };

/** The values of a fit's parameters in their order. */
export function valuesOf({ parameters }: Pick<CurveFit, "parameters">): Float64Array {
  return Float64Array.from(parameters, ({ value }) => value);
}
