import type { SlopeCheck } from "./slopeCheck";

const unlikelyRuns = 0.05;
const unlikelyBend = 0.01;
const fewPoints = 6;
const longestPattern = 4;

/** The readings lie about the line in a pattern, as points on a curve do. */
export const curvedPattern: SlopeCheck = ({ off }) => {
  const { runs, curvature, points } = off;
  if (!runs || points.length < fewPoints || runs.pattern.length > longestPattern) return [];
  const few = runs.probability < unlikelyRuns;
  const bent = curvature !== undefined && curvature.probability < unlikelyBend;
  return few || bent ? [{ name: "curve-in-residuals", pattern: runs.pattern }] : [];
};
