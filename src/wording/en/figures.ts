export const figures = {
  /** A figure told in words, for those who hear it: its parts stand one after the other. */
  points: "{count, plural, one {# point} other {# points}}",
  inSeries: "in {count} series ({names})",
  aside: "{count} more set aside",
  axes: "{up} up against {across} across",
  axis: "{name} in {unit}",
  curves: "with the fitted curve: {names}",
  strip: "under it how far each point is off the line",
  /** Lines of a figure, as they stand behind "with the". */
  lines: {
    best: "best",
    weighted: "weighted best",
    steepest: "steepest",
    shallowest: "shallowest",
  },
} as const;
