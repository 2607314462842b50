export const figureTexts = {
  /** A quantity without symbol and name. */
  unnamed: "unnamed",
  unnamedSeries: "unnamed series",
  /** Rows that stand in no series. */
  noSeries: "no series",
  /** The line over the points of all series together. */
  allSeries: "all series",
  /** A quantity of several up the axis, and one of its series. */
  ofSeries: "{quantity}, {series}",
  /** The proposed title of a figure: what goes up is a list of symbols. */
  title: "{up} against {across}",
  /** The proposed caption, behind "Figure 1. ". */
  caption: "{title}: {shown}.",
  /** What a figure shows: "names" is a list of the line names below, "lines" how many series have lines. */
  shown:
    "{count, plural, one {# reading} other {# readings}}{lines, plural, =0 {} one { with {names} line} other { with {names} lines}}{curves, plural, =0 {} one {{lines, plural, =0 { with the fitted curve} other { and the fitted curve}}} other {{lines, plural, =0 { with the fitted curves} other { and the fitted curves}}}}{bars, select, yes {; bars show the ±} other {}}{strip, select, yes {; below, how far each is off the line} other {}}",
  /** Kinds of lines as they stand before "line" or "lines"; a language may need the number of series with lines. */
  best: "the {weighted, select, yes {weighted best-fit} other {best-fit}}{lines, plural, one {} other {}}",
  steepest: "the steepest{lines, plural, one {} other {}}",
  shallowest: "the shallowest{lines, plural, one {} other {}}",
  number: "Figure {number}",
  /** What stands up the strip under a figure: how far points are from the line, and the same counted in error bars. */
  offTheLine: "off the line",
  offTheLineInBars: "off the line / ±",
} as const;
