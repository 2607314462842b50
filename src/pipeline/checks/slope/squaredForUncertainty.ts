import type { SlopeCheck } from "./slopeCheck";

const named = /\bR\s*(²|\^\s*2|2\b)/i;

/** The words of the figure give R² as if it said how sure the slope is. */
export const squaredForUncertainty: SlopeCheck = ({ figure }) => {
  const words = [figure.title, figure.caption, ...Object.values(figure.labels).map((l) => l.text)];
  return words.some((text) => named.test(text)) ? [{ name: "r-squared-for-uncertainty" }] : [];
};
