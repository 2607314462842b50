export const pasting = {
  /** Columns that are repeats of one quantity, or columns of their own. */
  repeatWords: {
    taken: "By their headings, {count} columns were taken as repeats of",
    apart: "Make them columns of their own",
    gather: "Make repeats of these {count} columns",
    part: "A column of its own for each repeat",
    choice: "Numbered columns",
    choices: {
      repeats: "repeats of one quantity",
      apart: "columns of their own",
    },
  },
  /** Series by the words of a column. */
  seriesWords: {
    said: "{more, select, yes {The words of this column come again: {words} ….} other {The words of this column come again: {words}.}}",
    make: "Make them series",
    choice: "Words that come again",
    choices: {
      series: "make series",
      column: "stay a column",
    },
    made: "By the words of a column, the rows stand in {count} series.",
    apart: "Leave it a column",
  },
  /** Columns of words about the rows. */
  remarkWords: {
    taken: "A column of words stands as remarks on the rows, not as readings:",
    numbers: "Read it as numbers",
    said: "This column holds words, no numbers.",
    make: "Keep it as remarks",
    is: "Remarks on the rows: words that are kept with each row and never plotted.",
    reported: "State it in the report’s table",
    heading: "remarks",
  },
  /** A word of somebody’s as it is quoted. */
  quoted: "“{word}”",
  /** What a paste understood. */
  pasted: {
    nothing:
      "The clipboard holds no readings to paste. Copy the cells in the spreadsheet once more.",
    "too-many-rows":
      "This block has {rows, plural, one {# row} other {# rows}}; an investigation holds up to {most, plural, one {# row} other {# rows}}. Nothing was pasted: copy a part of it.",
    "too-many-columns":
      "With this block there would be {columns, plural, one {# column} other {# columns}}; an investigation holds up to {most}. Nothing was pasted: copy fewer columns.",
    "too-long":
      "Row {row} of the block holds a text that is too long for a reading. Nothing was pasted.",
    block:
      "Pasted {rows, plural, one {# row} other {# rows}} of {columns, plural, one {# column} other {# columns}}.",
    headings: "The headings gave name, symbol and unit.",
    commas: "Decimal commas were read as points.",
    short: "{count, plural, one {# row} other {# rows}} had missing cells, left as they were.",
  },
} as const;
