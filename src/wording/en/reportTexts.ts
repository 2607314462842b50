export const reportTexts = {
  /** A table of the report with its number; behind it, over its columns that had no room: "Table 1, further columns". */
  tableNumber: "Table {number}",
  furtherColumns: "further columns",
  /** References to what the report does not show, or to what is gone. */
  notShown: "{kind, select, figure {Figure} other {Table}} (not shown)",
  gone: "{kind, select, figure {Figure} other {Table}} (gone)",
  /** In place of a number that does not come about. */
  noValue: "(no value yet)",
  /** A note under a table, behind a letter. */
  setAside: "set aside: {reason}",
  noReason: "no reason given",
  /** The heading of the mean of repeats. */
  mean: "mean",
  /** The heading of a column that names the series. */
  series: "series",
  /** The caption of a table; "names" is a list of quantities, "name" the name of the table. */
  readings: "Readings of {names}.",
  readingsNamed: "{name}: readings of {names}.",
  processed: "Processed readings of {names}.",
  processedNamed: "{name}: processed readings of {names}.",
  /** Behind such a caption: constants whose ± moves all rows alike. */
  leavesOut:
    "The ± of a row leaves out what {symbols} {count, plural, one {brings} other {bring}} to all rows alike.",
  example: "Worked example: {name}, row {row}",
  /** A result without a name, within a sentence and as a heading. */
  result: "result",
  comparison: "{name} against the accepted value",
  numberLine: "Number line: {sentence}",
  /** Who stands on the number line: the result of this investigation, and the value it is compared with. */
  ownResult: "this bench",
  accepted: "accepted value",
  /** Columns of the numbers that a figure shows: the ends of the bars of a quantity. */
  barUp: "bar up of {of}",
  barDown: "bar down of {of}",
  /** The caption of such a table beside its figure. */
  readingsIn: "Table of the readings in the figure: {title}.",
  /** The table of a figure's lines. */
  linesOf: "Lines of Figure {number}.",
  line: "line",
  best: "best-fit",
  bestWeighted: "best-fit, weighted",
  byEye: "best, by eye",
  steepest: "steepest",
  shallowest: "shallowest",
  halfBetween: "half between them",
  overAllAllowed: "over all allowed lines",
  standardError: "standard error",
  /** Before lines of working. */
  halfTheRange: "half the range",
  halfTheRangeOf: "{series}: half the range",
  withTheConstants: "with the constants",
  stated: "stated",
  triangle: "slope triangle",
  /** Numbers that can be set into the text, as they are listed. */
  slopeOf: "{word} of Figure {number}",
  interceptOf: "intercept of Figure {number}",
  acceptedOf: "accepted value of {name}",
  percentOf: "percentage difference of {name}",
} as const;
