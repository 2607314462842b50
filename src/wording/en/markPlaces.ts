/** What a pencil mark concerns; a colon and its sentence stand behind. */
export const markPlaces = {
  /** "Row 3, T"; the rows begin the sentence. */
  inRows: "{rows}, {named}",
  repeat: "{rows}, repeat {repeat} of {named}",
  /** N1 to N5: quantities that are numbered one after the other. */
  run: "{from} to {to}",
  /** The last of a list, after six names. */
  more: "{count} more",
  figure: "Figure {number}",
  figureLine: "Figure {number}, {line}",
  unnamed: "unnamed",
  result: "result",
  report: "the report",
} as const;
