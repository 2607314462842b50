/** The first words of the lines above the readings of a table that was taken out. */
export const ownLines = {
  table: "table",
  name: "name",
  symbol: "symbol",
  unit: "unit",
  uncertainty: "±",
  repeats: "readings a row",
  spread: "scatter",
  combination: "scatter and instrument",
  instrument: "read with",
  resolution: "smallest step",
  formula: "formula",
  hidden: "hidden",
  repeat: "repeat",
  rows: "n",
} as const;

/** What stands in the line of formulas for a derived quantity that has none yet. */
export const noFormulaYet = "not yet written";

/** What stands before the unit of a derived quantity that was worked out and not wished for. */
export const workedOutUnit = "worked out: ";

/** Headings of what stands behind the readings. */
export const ownColumns = { series: "series", aside: "set aside" } as const;
/** Between two things set aside in one row, and between a place and its reason. */
export const asideMarks = { between: " | ", reason: ": " } as const;
