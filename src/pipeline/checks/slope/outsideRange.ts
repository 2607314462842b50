import { bestOutsideRange } from "../../lines/statedLine";
import { rowNumber, type SlopeCheck } from "./slopeCheck";

/** The best line turns further than any line that meets the boxes: what is stated does not hold it. */
export const outsideRange: SlopeCheck = (looked) => {
  const { line, range, off } = looked;
  if (!bestOutsideRange(line, range)) return [];
  const rows = off.missed.map((index) => rowNumber(looked, index)).sort((a, b) => a - b);
  return [{ name: "best-outside-range", rows }];
};
