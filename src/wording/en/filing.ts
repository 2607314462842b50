export const filing = {
  encodingNames: {
    "utf-8": "UTF-8",
    "utf-16le": "UTF-16, little end first",
    "utf-16be": "UTF-16, big end first",
    "windows-1252": "Western (Windows-1252)",
  },
  delimiterNames: {
    "\t": "tabs",
    ";": "semicolons",
    ",": "commas",
    "|": "upright strokes",
    " ": "spaces",
  },
  /** Why a file can’t be opened at all, and what to do. */
  fileRefusals: {
    tooLarge:
      "{name} has {size} MB; up to {most} MB can be read here. Save the part that you need as a file of its own.",
    empty: "{name} is empty. Choose another file.",
    binary:
      "{name} is no text, whatever its name says. Save the table as CSV or XLSX in the program that made it.",
    unreadable:
      "{name} can’t be read as a workbook. It may be damaged, locked by a password, or of the old .xls kind: save it again as .xlsx or CSV.",
    unfetched:
      "What reads workbooks could not be fetched, so {name} was not opened. Connect and choose it again, or paste its cells.",
    swollen:
      "{name} unpacks to far more than a table of readings holds, so it was not opened. Save the sheet that you need as a workbook of its own, or as CSV.",
    investigation:
      "{name} holds a whole investigation. Bring it in on the shelf, where it becomes one of its own.",
    noSheet: "{name} has no sheet with cells in it.",
    noRange: "Write the stretch like B3:D20: its first cell, a colon, its last cell.",
  },
  /** A file with more rows than there is room for, made shorter. */
  thinningWords: {
    every: "Only every {each, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} row",
    means: "Means over {each} rows, their scatter as ±",
    said: {
      every:
        "Every {each, selectordinal, one {#st} two {#nd} few {#rd} other {#th}} row of the file.",
      means: "Each row is the mean over {each} rows of the file, with their scatter as ±.",
    },
  },
  /** What a preview says of a column. */
  previewWords: {
    name: "name",
    symbol: "symbol",
    unit: "unit",
    sizeOf: "the ± of {symbol}",
    repeats: "{count} repeats",
    noSeries: "no series",
  },
  /** What is wrong with cells that can’t become a table. */
  incoming: {
    empty: "There are no readings in it. Choose other lines of headings, or another stretch.",
    "too-many-rows":
      "There are {rows, plural, one {# row} other {# rows}}; there is room for {most, plural, one {# row} other {# rows}} more. Take a shorter stretch, or fewer rows:",
    "too-many-columns":
      "There are {columns, plural, one {# column} other {# columns}}; an investigation holds up to {most}. Take a narrower stretch.",
    "too-long":
      "Row {row} holds a text that is too long for a reading. Choose what parts the cells, or shorten it in the file.",
  },
  /** What bringing a table in will do. */
  willBe: {
    table:
      "{rows, plural, one {# row} other {# rows}} of {quantities, plural, one {# quantity} other {# quantities}}.",
    series: "{count} series.",
    own: "It was taken out here: units, ± and the rest come back with it.",
  },
  /** What was noticed in a sheet. */
  notes: {
    merged:
      "{count, plural, one {# merged cell} other {# merged cells}} stayed empty; the text stands in the first cell of each stretch.",
    formulas:
      "{count, plural, one {# formula came as the number that it gave last.} other {# formulas came as the numbers that they gave last.}}",
    errors:
      "{count, plural, one {# cell holds an error of the sheet and comes as that text} other {# cells hold an error of the sheet and come as that text}}; mend them in the sheet, or type the reading here.",
    cutOff: "The sheet is larger than an investigation; what lies beyond was left in the file.",
  },
  /** What is wrong with the file of an investigation. */
  investigation: {
    "no-json":
      "{name} is no investigation. Choose a .json file that was taken out here; tables are brought in on Measure.",
    "other-json":
      "{name} holds something else than an investigation. Choose a .json file that was taken out here.",
    "too-new": "{name} was made by a newer version. Bring this one up to date first.",
    /** The reason is in English, as the check says it. */
    malformed: "{name} can’t be read: {reason}. Take it out once more where it came from.",
  },
} as const;
