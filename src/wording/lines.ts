import type { LineFit } from "@/core/fit/lineFit";
import type { LineChoice } from "@/investigation/model/figure";
import type { HouseRules } from "@/investigation/model/houseRules";

export const weightWords: Readonly<Record<LineChoice["weights"], string>> = {
  none: "none: every point alike",
  y: "the vertical ones",
  xy: "both",
};

export const heldWords: Readonly<Record<LineChoice["held"], string>> = {
  free: "nothing",
  zero: "zero",
  intercept: "a fixed intercept",
  slope: "a fixed slope",
  point: "a chosen point",
};

/** How the best line was found, in a sentence. */
export function lineSentence({ weighting }: LineFit, { uncertaintyMeans }: HouseRules): string {
  if (weighting === "none") return "Least squares, every point counting the same.";
  const which = weighting === "y" ? "the vertical bars" : "the bars both ways";
  const meaning =
    uncertaintyMeans === "limit" ? ", each limit taken as a rectangle (σ = Δ/√3)" : "";
  return `Least squares weighted by ${which}${meaning}; the ± count as they are, not as relative weights only.`;
}

/** Where the slope range comes from, in a sentence. */
export const rangeSentences: Readonly<Record<HouseRules["slopeRange"], string>> = {
  "every-box": "The steepest and the shallowest line still meet every error box.",
  "end-boxes": "The steepest and the shallowest line go through opposite corners of the end boxes.",
  "by-hand": "No straightedge is laid: these lines still meet every error box.",
  statistics: "The range holds the true slope with 95 % confidence (Student’s t).",
};

/** What to do when no line meets every box. */
export function noRangeSentence(factor: number): string {
  const times = Number(factor.toPrecision(2));
  return `No straight line meets every error box. All bars would have to be ${times} times as long. Look at these readings and their ±, or set one aside with a reason:`;
}

/** Whether the intercept may be zero, in a sentence. */
export function interceptSentence(intercept: number, half: number): string {
  return Math.abs(intercept) <= half
    ? "The intercept’s range includes zero: the data allow a line through the origin."
    : "The intercept’s range leaves zero out: look for a systematic offset, such as a zero error.";
}
