export const rowsInWords = {
  /** "row 3", "rows 3 and 5", "rows 3 to 6"; stands within sentences, in lists of places. */
  run: "rows {from} to {to}",
  listed: "{count, plural, one {row {rows}} other {rows {rows}}}",
  more: "rows {rows} and {more} more",
} as const;
