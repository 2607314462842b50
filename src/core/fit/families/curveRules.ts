import type { CurveRule } from "./curveRule";
import { exponential, exponentialWithOffset } from "./exponential";
import { gaussian } from "./gaussian";
import { logarithm } from "./logarithm";
import { logistic } from "./logistic";
import { dampedSine, sine } from "./oscillation";
import { polynomials } from "./polynomials";
import { power } from "./power";
import { inverseSquare, reciprocal } from "./reciprocal";
import { saturation } from "./saturation";

/** Every shape that a curve may have, by its name. */
export const curveRules = {
  ...polynomials,
  power,
  exponential,
  "exponential-offset": exponentialWithOffset,
  logarithm,
  reciprocal,
  "inverse-square": inverseSquare,
  saturation,
  logistic,
  gaussian,
  sine,
  "damped-sine": dampedSine,
} as const satisfies Readonly<Record<string, CurveRule>>;

export type RuledFamily = keyof typeof curveRules;
