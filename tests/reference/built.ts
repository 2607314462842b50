import type { Family } from "./family";
import { propagateLinear, propagateWorstCase } from "./families/formulas";
import { propagateMonteCarlo } from "./families/monteCarlo";
import { intervals } from "./families/intervals";
import { lineOls } from "./families/lineOls";
import { repeats } from "./families/repeats";
import { units } from "./families/units";
import { rounding } from "./families/rounding";

/** The families that the core can be asked about, by the name in their files. */
export const builtFamilies: Readonly<Record<string, Family>> = {
  intervals,
  "line-ols": lineOls,
  "propagate-linear": propagateLinear,
  "propagate-montecarlo": propagateMonteCarlo,
  "propagate-worst-case": propagateWorstCase,
  repeats,
  rounding,
  units,
};
