import type { Family } from "./family";
import { propagateLinear, propagateWorstCase } from "./families/formulas";
import { propagateMonteCarlo } from "./families/monteCarlo";
import { intervals } from "./families/intervals";
import { lineOls } from "./families/lineOls";
import {
  intersection,
  lineFixedIntercept,
  lineFixedSlope,
  lineThroughOrigin,
  lineWls,
  lineXy,
  prediction,
} from "./families/lines";
import { polynomial } from "./families/polynomial";
import { nonlinear } from "./families/nonlinear";
import { linearise } from "./families/linearise";
import { slopeRange } from "./families/slopeRange";
import { repeats } from "./families/repeats";
import { units } from "./families/units";
import { rounding } from "./families/rounding";

/** The families that the core can be asked about, by the name in their files. */
export const builtFamilies: Readonly<Record<string, Family>> = {
  intersection,
  intervals,
  "line-fixed-intercept": lineFixedIntercept,
  "line-fixed-slope": lineFixedSlope,
  "line-through-origin": lineThroughOrigin,
  "line-wls": lineWls,
  "line-xy": lineXy,
  nonlinear,
  polynomial,
  prediction,
  "slope-range": slopeRange,
  linearise,
  "line-ols": lineOls,
  "propagate-linear": propagateLinear,
  "propagate-montecarlo": propagateMonteCarlo,
  "propagate-worst-case": propagateWorstCase,
  repeats,
  rounding,
  units,
};
