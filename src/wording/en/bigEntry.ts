export const bigEntry = {
  /** Words of big entry and of the rows as cards. */
  bigEntryWords: {
    title: "Big entry",
    open: "Big entry",
    key: "Ctrl+Enter",
    close: "Back to the table",
    row: "Row {row}",
    repeat: "repeat {repeat} of {of}",
    reading: "{name}, row {row}",
    next: "Next",
    before: "Back",
    erase: "Rub out the last sign",
    sign: "Plus or minus",
    power: "Times ten to the power",
    nothing: "There is no column to type into. Add a quantity first.",
    above: "The rows above",
    none: "No row above yet.",
  },
  cardWords: {
    asTable: "As a table",
    asCards: "Row by row",
    earlier: "Earlier rows",
    later: "Later rows",
    list: "Readings, row by row",
  },
} as const;
