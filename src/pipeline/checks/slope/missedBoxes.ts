import { rowNumber, type SlopeCheck } from "./slopeCheck";

/** A line is expected to meet limits; of standard uncertainties a third lie off by chance. */
const mostMissed = { limit: 1 / 3, standard: 1 / 2 } as const;

/** The best line passes by error boxes: by a few, or by so many that the ± look too small. */
export const missedBoxes: SlopeCheck = (looked) => {
  const { missed, points } = looked.off;
  const meaning = looked.rules.uncertaintyMeans;
  if (missed.length === 0) return [];
  if (missed.length > mostMissed[meaning] * points.length) {
    return [{ name: "many-boxes-missed", missed: missed.length, of: points.length }];
  }
  if (meaning === "standard") return [];
  const rows = missed.map((index) => rowNumber(looked, index)).sort((a, b) => a - b);
  return [{ name: "line-misses-boxes", rows }];
};
