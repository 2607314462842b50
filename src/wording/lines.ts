import type { LineFit } from "@/core/fit/lineFit";
import type { LineChoice, Straightedge } from "@/investigation/model/figure";
import type { StatedLine } from "@/pipeline/lines/statedLine";
import { rowsInWords } from "./rowsInWords";
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
export function lineSentence(
  { weighting, relativeWeights }: LineFit,
  { uncertaintyMeans }: HouseRules,
): string {
  if (weighting === "none") return "Least squares, every point counting the same.";
  const which = weighting === "y" ? "the vertical bars" : "the bars both ways";
  const meaning =
    uncertaintyMeans === "limit" ? ", each limit taken as a rectangle (σ = Δ/√3)" : "";
  const counting = relativeWeights
    ? "the ± count as relative weights only, so the standard errors come from the scatter"
    : "the ± count as they are, not as relative weights only";
  return `Least squares weighted by ${which}${meaning}; ${counting}.`;
}

/** What the ± of a line is, in a sentence. */
export function statedSentence(stated: StatedLine): string {
  const own = ownSentence(stated);
  return stated.withConstants
    ? `${own.slice(0, -1)}, together with what the ± of constants brings to the whole line.`
    : own;
}

function ownSentence({ by, range }: StatedLine): string {
  if (by === "nothing") return "Nothing here tells how sure it is.";
  if (by !== "range") {
    const instead = by === "error-instead" ? ", for there is no slope range" : "";
    return `± is the standard error of the fit${instead}.`;
  }
  return range?.factor === undefined
    ? "± is half the slope range."
    : "± is half the range that holds the true slope with 95 % confidence.";
}

/** What the ± of a value read off a line is, in a sentence. */
export function readOffSentence(by: StatedLine["by"]): string {
  return by === "range"
    ? "± is half of what all allowed lines leave open, with the ± of the place that was typed and of constants."
    : "± is one standard uncertainty, from slope and intercept together, with the ± of the place that was typed and of constants.";
}

/** That the best line turns further than its own range, in a sentence; which boxes it misses. */
export function outsideRangeSentence(rows: readonly number[]): string {
  const missed =
    rows.length === 0
      ? "boxes"
      : `the ${rows.length === 1 ? "box" : "boxes"} of ${rowsInWords(rows)}`;
  return `The best line lies outside its own slope range, for it misses ${missed}: the ± says how far the allowed lines can turn, and the best line is none of them. Look at these readings and their ±.`;
}

/** That the drawn lines cross near zero, in a sentence. */
export const crossNearZero =
  "Steepest and shallowest cross near zero, so their intercepts lie close together; the ± of the intercept is over all lines that are allowed.";

/** Where the slope range comes from, in a sentence. */
export const rangeSentences: Readonly<Record<HouseRules["slopeRange"], string>> = {
  "every-box": "The steepest and the shallowest line still meet every error box.",
  "end-boxes": "The steepest and the shallowest line go through opposite corners of the end boxes.",
  "by-hand": "The steepest and the shallowest line are laid by hand, as straightedges.",
  statistics:
    "Between the steepest and the shallowest line the true slope lies with 95 % confidence (Student’s t).",
};

/** What to do when no line meets every box. */
export function noRangeSentence(factor: number): string {
  const times = Number(factor.toPrecision(2));
  return `No straight line meets every error box. All bars would have to be ${times} times as long. Look at these readings and their ±, or set one aside with a reason:`;
}

/** Whether the intercept may be zero, and what that means, in a sentence. */
export function interceptSentence(found: {
  readonly intercept: number;
  readonly half: number | undefined;
  readonly held: boolean;
  readonly expected: boolean;
}): string {
  const { intercept, half, held, expected } = found;
  if (held) return "The line was held there, so the readings have no say in it.";
  if (!half) return "Nothing here tells how sure it is, so nothing follows about zero.";
  if (Math.abs(intercept) <= half) {
    return expected
      ? "Its range includes zero: the readings agree with the theory."
      : "Its range includes zero: the readings allow a line through the origin.";
  }
  return expected
    ? "Its range leaves zero out, against the theory: look for a systematic offset, such as a zero error that shifts every reading alike."
    : "Its range leaves zero out. Where zero was expected, look for a systematic offset, such as a zero error.";
}

/** What a straightedge may stand for. */
export const edgeRoleWords: Readonly<Record<Straightedge["role"], string>> = {
  none: "nothing: only to look",
  best: "the best line, by eye",
  steepest: "the steepest line",
  shallowest: "the shallowest line",
};

/** Which error boxes a straightedge passes by. */
export function missedSentence(rows: readonly number[]): string {
  if (rows.length === 0) return "It meets every error box.";
  const shown = rows.slice(0, 8).join(", ");
  const more = rows.length > 8 ? ` and ${rows.length - 8} more` : "";
  return `It misses the box of ${rows.length === 1 ? "row" : "rows"} ${shown}${more}.`;
}

/** What a strict teacher would say of a slope triangle. */
export function triangleRemarks(found: { small: boolean; onReading: boolean }): readonly string[] {
  return [
    ...(found.small ? ["The triangle is small: draw it over more than half of the readings."] : []),
    ...(found.onReading
      ? ["A corner stands on a reading. Take points of the line, not of the data."]
      : ["Both corners stand on the line, not on readings."]),
  ];
}

export const bandWords: Readonly<Record<LineChoice["bands"], string>> = {
  none: "none",
  confidence: "of the line (confidence)",
  prediction: "of a new reading (prediction)",
  both: "both",
};

export const reachWords: Readonly<Record<"paper" | "data", string>> = {
  paper: "across the paper",
  data: "along the readings",
};

/** How the readings lie about the line, in words. */
export function patternSentence(
  pattern: readonly ("above" | "below")[] | undefined,
  unlikely: boolean,
): string {
  if (!pattern) return "No reading changes the side of the line.";
  if (pattern.length > 6)
    return `The readings change sides ${pattern.length - 1} times, as scatter does.`;
  const words = `From left to right they lie ${pattern.join(", ")} the line`;
  return unlikely ? `${words}: that looks like a curve.` : `${words}; scatter does that too.`;
}

/** What may be ticked where bars count for a line. */
export const lineTicks = {
  relative: "the ± count as relative weights only",
  compare: "also the line with every point alike",
} as const;
