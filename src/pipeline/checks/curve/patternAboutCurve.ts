import { runsTest } from "@/core/statistics/runsTest";
import { offCurve } from "../../fittedCurves";
import type { CurveCheck } from "./curveCheck";

const unlikely = 0.05;
const praised = 0.9;
const longestPattern = 6;

/** A large R² of a curve about which the points lie in a pattern. */
export const patternAboutCurve: CurveCheck = ({ fitted }) => {
  const { rSquared } = fitted.fit;
  if (rSquared === undefined || rSquared < praised) return [];
  const { x } = fitted.order;
  const off = offCurve(fitted);
  const sorted = [...off.keys()]
    .sort((a, b) => (x[a] as number) - (x[b] as number))
    .map((i) => off[i] as number);
  const runs = runsTest(sorted);
  return runs && runs.probability < unlikely && runs.pattern.length <= longestPattern
    ? [{ name: "pattern-about-curve", rSquared, pattern: runs.pattern }]
    : [];
};
