export const lines = {
  weightWords: {
    none: "none: every point alike",
    y: "the vertical ones",
    xy: "both",
  },
  heldWords: {
    free: "nothing",
    zero: "zero",
    intercept: "a fixed intercept",
    slope: "a fixed slope",
    point: "a chosen point",
  },
  /** Where the slope range comes from, in a sentence. */
  rangeSentences: {
    "every-box": "The steepest and the shallowest line still meet every error box.",
    "end-boxes":
      "The steepest and the shallowest line go through opposite corners of the end boxes.",
    "by-hand": "The steepest and the shallowest line are laid by hand, as straightedges.",
    statistics:
      "Between the steepest and the shallowest line the true slope lies with 95 % confidence (Student’s t).",
  },
  /** What a straightedge may stand for. */
  edgeRoleWords: {
    none: "nothing: only to look",
    best: "the best line, by eye",
    steepest: "the steepest line",
    shallowest: "the shallowest line",
  },
  bandWords: {
    none: "none",
    confidence: "of the line (confidence)",
    prediction: "of a new reading (prediction)",
    both: "both",
  },
  reachWords: {
    paper: "across the paper",
    data: "along the readings",
  },
  /** What may be ticked where bars count for a line. */
  lineTicks: {
    relative: "the ± count as relative weights only",
    compare: "also the line with every point alike",
  },
  /** How the best line was found, in a sentence. */
  found: {
    alike: "Least squares, every point counting the same.",
    weighted:
      "{weighting, select, y {Least squares weighted by the vertical bars} other {Least squares weighted by the bars both ways}}{limit, select, yes {, each limit taken as a rectangle (σ = Δ/√3)} other {}}{relative, select, yes {; the ± count as relative weights only, so the standard errors come from the scatter} other {; the ± count as they are, not as relative weights only}}.",
  },
  /** What the ± of a line is. */
  stated: {
    nothing: {
      alone: "Nothing here tells how sure it is.",
      constants:
        "Nothing here tells how sure it is, together with what the ± of constants brings to the whole line.",
    },
    error: {
      alone: "± is the standard error of the fit.",
      constants:
        "± is the standard error of the fit, together with what the ± of constants brings to the whole line.",
    },
    "error-instead": {
      alone: "± is the standard error of the fit, for there is no slope range.",
      constants:
        "± is the standard error of the fit, for there is no slope range, together with what the ± of constants brings to the whole line.",
    },
    half: {
      alone: "± is half the slope range.",
      constants:
        "± is half the slope range, together with what the ± of constants brings to the whole line.",
    },
    confidence: {
      alone: "± is half the range that holds the true slope with 95 % confidence.",
      constants:
        "± is half the range that holds the true slope with 95 % confidence, together with what the ± of constants brings to the whole line.",
    },
  },
  readOff: {
    range:
      "± is half of what all allowed lines leave open, with the ± of the place that was typed and of constants.",
    error:
      "± is one standard uncertainty, from slope and intercept together, with the ± of the place that was typed and of constants.",
  },
  outsideRange: {
    unnamed:
      "The best line lies outside its own slope range, for it misses boxes: the ± says how far the allowed lines can turn, and the best line is none of them. Look at these readings and their ±.",
    named:
      "{count, plural, one {The best line lies outside its own slope range, for it misses the box of {rows}:} other {The best line lies outside its own slope range, for it misses the boxes of {rows}:}} the ± says how far the allowed lines can turn, and the best line is none of them. Look at these readings and their ±.",
  },
  crossNearZero:
    "Steepest and shallowest cross near zero, so their intercepts lie close together; the ± of the intercept is over all lines that are allowed.",
  noRange:
    "No straight line meets every error box. All bars would have to be {times} times as long. Look at these readings and their ±, or set one aside with a reason:",
  /** Whether the intercept may be zero, and what that means. */
  intercept: {
    held: "The line was held there, so the readings have no say in it.",
    unknown: "Nothing here tells how sure it is, so nothing follows about zero.",
    within: {
      expected: "Its range includes zero: the readings agree with the theory.",
      free: "Its range includes zero: the readings allow a line through the origin.",
    },
    beyond: {
      expected:
        "Its range leaves zero out, against the theory: look for a systematic offset, such as a zero error that shifts every reading alike.",
      free: "Its range leaves zero out. Where zero was expected, look for a systematic offset, such as a zero error.",
    },
  },
  /** Which error boxes a straightedge passes by. */
  missed: {
    none: "It meets every error box.",
    some: "{count, plural, one {It misses the box of row {rows}.} other {It misses the box of rows {rows}.}}",
    more: "It misses the box of rows {rows} and {more} more.",
  },
  triangle: {
    small: "The triangle is small: draw it over more than half of the readings.",
    onReading: "A corner stands on a reading. Take points of the line, not of the data.",
    onLine: "Both corners stand on the line, not on readings.",
  },
  /** How the readings lie about the line. */
  pattern: {
    none: "No reading changes the side of the line.",
    often: "The readings change sides {times} times, as scatter does.",
    curve: "From left to right they lie {pattern} the line: that looks like a curve.",
    scatter: "From left to right they lie {pattern} the line; scatter does that too.",
  },
  sides: { above: "above", below: "below" },
} as const;
