import { rowNumber, sizeOfSlope, type SlopeCheck } from "./slopeCheck";

const fewPoints = 4;

/** Without one of the readings the slope would change by more than its own ±. */
export const dominantReading: SlopeCheck = (looked) => {
  const { line, without, off } = looked;
  const size = sizeOfSlope(looked);
  if (!size || off.points.length < fewPoints || line.slope === 0) return [];
  const changes = without.map((slope) => Math.abs((slope ?? line.slope) - line.slope));
  const largest = changes.reduce((most, change) => Math.max(most, change), 0);
  if (largest <= size) return [];
  const row = rowNumber(looked, changes.indexOf(largest));
  return [{ name: "dominant-reading", row, percent: (100 * largest) / Math.abs(line.slope) }];
};
