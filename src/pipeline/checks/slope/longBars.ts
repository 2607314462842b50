import type { SlopeCheck } from "./slopeCheck";

const least = 0.1;
const fewPoints = 5;

/** The points lie far closer to the line than their bars would let them. */
export const longBars: SlopeCheck = ({ off }) => {
  const { reducedChiSquare, points } = off;
  if (reducedChiSquare === undefined || points.length < fewPoints) return [];
  return reducedChiSquare < least
    ? [{ name: "bars-seem-too-long", reduced: reducedChiSquare }]
    : [];
};
