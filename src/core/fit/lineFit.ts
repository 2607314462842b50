import type { Finding } from "../finding/finding";

/**
 * A straight line y = slope · x + intercept fitted to points, with how sure it is.
 * A figure that is not defined (a standard error of two points, R² of a constant y) is undefined, never NaN.
 */
export interface LineFit {
  readonly slope: number;
  readonly intercept: number;
  readonly standardErrorOfSlope?: number | undefined;
  readonly standardErrorOfIntercept?: number | undefined;
  /** cov(slope, intercept). */
  readonly covariance?: number | undefined;
  /** Whether the ± counted only beside one another, the standard errors coming from the scatter. */
  readonly relativeWeights?: true;
  readonly count: number;
  readonly degreesOfFreedom: number;
  /** Which error bars counted: none, those of y, those of x and y. */
  readonly weighting: "none" | "y" | "xy";
  readonly converged: boolean;
  readonly residualSumOfSquares: number;
  /** √(RSS / degrees of freedom), in the unit of y. */
  readonly residualStandardDeviation?: number;
  readonly rSquared?: number;
  readonly adjustedRSquared?: number;
  readonly meanOfX: number;
  /** Σ (x − x̄)². */
  readonly sumOfSquaresOfX: number;
  /** Σ (off the line/σ)², the σ taken as absolute; weighted lines alone have it. */
  readonly chiSquare?: number;
  readonly reducedChiSquare?: number;
  /** Of a larger χ² by chance. */
  readonly probability?: number;
  /** Points share readings and so err together: how its standard errors have been changed for that. */
  readonly sharedReadings?: SharedReadings;
  readonly findings: readonly Finding[];
}

/** What shared readings do to a line. */
export interface SharedReadings {
  /** Which points share them: neighbouring ones, all of one column, or the two axes of each. */
  readonly between: "neighbours" | "axes";
  /** The standard error of the slope is so many times that of points that err by themselves; undefined where no ± tells. */
  readonly factor: number | undefined;
}

export type LineOutcome =
  | { readonly kind: "line"; readonly line: LineFit }
  | { readonly kind: "no-line"; readonly finding: Finding };
