import { curvatureOf } from "@/core/fit/curvature";
import { runsTest } from "@/core/statistics/runsTest";
import { residualsOfCurve } from "../../curves/fittedCurves";
import type { CurveCheck } from "./curveCheck";

const unlikely = 0.05;
const unlikelyBend = 0.01;
const praised = 0.9;
const longestPattern = 6;

/** A large R² of a curve about which the points lie in a pattern. */
export const patternAboutCurve: CurveCheck = ({ fitted }) => {
  const { rSquared } = fitted.fit;
  if (rSquared === undefined || rSquared < praised) return [];
  const { x } = fitted.order;
  const off = residualsOfCurve(fitted);
  const order = [...off.keys()].sort((a, b) => (x[a] as number) - (x[b] as number));
  const runs = runsTest(order.map((i) => off[i] as number));
  if (!runs || runs.pattern.length > longestPattern) return [];
  const bend = curvatureOf(x, off);
  const bent = bend !== undefined && bend.probability < unlikelyBend;
  return bent || runs.probability < unlikely
    ? [{ name: "pattern-about-curve", rSquared, pattern: runs.pattern }]
    : [];
};
