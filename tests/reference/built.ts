import type { Family } from "./family";
import { lineOls } from "./families/lineOls";
import { repeats } from "./families/repeats";
import { rounding } from "./families/rounding";

/** The families that the core can be asked about, by the name in their files. */
export const builtFamilies: Readonly<Record<string, Family>> = {
  "line-ols": lineOls,
  repeats,
  rounding,
};
