import type { CurveRule } from "./curveRule";

/** y = a/x + c. */
export const reciprocal: CurveRule = { formula: "a/x + c", starts: () => [{}] };

/** y = a/x² + c. */
export const inverseSquare: CurveRule = { formula: "a/x^2 + c", starts: () => [{}] };
