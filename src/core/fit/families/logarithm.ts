import type { CurveRule } from "./curveRule";

/** y = a + b ln x. */
export const logarithm: CurveRule = { formula: "a + b*ln(x)", starts: () => [{}] };
