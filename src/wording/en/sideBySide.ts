export const sideBySide = {
  /** Words of two lines or curves put beside each other. */
  sideBySideWords: {
    title: "Two side by side",
    first: "First",
    second: "Second",
    line: "best-fit line",
    weighted: "line, weighted",
    alike: "line, every point alike",
    difference: "difference",
    less: "Drawn is the second less the first.",
    apart: "They share no stretch of readings: one of them is followed beyond its own.",
    largest: "largest difference",
    at: "at",
    off: "off it by",
    slopes: "difference of the slopes",
    same: "Both go through the same readings, so a ± of their difference has no meaning.",
    nothing: "Nothing can be drawn: over this stretch one of the two has no value.",
    invitation:
      "Fit a further curve, let bars count, or plot two series: any two are then put side by side here.",
  },
} as const;
