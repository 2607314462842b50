export const figures = {
  /** A figure told in words, for those who hear it; further parts stand behind, parted by commas. */
  points: "{count, plural, one {# point} other {# points}}",
  pointsInSeries: "{count, plural, one {# point} other {# points}} in {series} series ({names})",
  aside: "{count} more set aside",
  axes: "{up} up against {across} across",
  axis: "{name} in {unit}",
  /** The lines that are drawn; "names" is a list of the names below. */
  line: "with {names} line",
  lines: "with {names} lines",
  lineNames: { best: "the best-fit", steepest: "the steepest", shallowest: "the shallowest" },
  curves: "with the fitted curve: {names}",
  strip: "under it how far each point is off the line",
} as const;
