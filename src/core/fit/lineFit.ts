import type { Finding } from "../finding/finding";

/**
 * A straight line y = slope · x + intercept fitted to points, with how sure it is.
 * A figure that is not defined (a standard error of two points, R² of a constant y) is undefined, never NaN.
 */
export interface LineFit {
  readonly slope: number;
  readonly intercept: number;
  readonly standardErrorOfSlope?: number;
  readonly standardErrorOfIntercept?: number;
  /** cov(slope, intercept). */
  readonly covariance?: number;
  readonly count: number;
  readonly degreesOfFreedom: number;
  readonly weighting: "none";
  readonly converged: true;
  readonly residualSumOfSquares: number;
  /** √(RSS / degrees of freedom), in the unit of y. */
  readonly residualStandardDeviation?: number;
  readonly rSquared?: number;
  readonly adjustedRSquared?: number;
  readonly meanOfX: number;
  /** Σ (x − x̄)². */
  readonly sumOfSquaresOfX: number;
  readonly findings: readonly Finding[];
}

export type LineOutcome =
  | { readonly kind: "line"; readonly line: LineFit }
  | { readonly kind: "no-line"; readonly finding: Finding };
