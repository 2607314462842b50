export const removing = {
  theQuantity: "The quantity",
  removed: "{called} was removed.",
  removedWith:
    "{readings, plural, one {{called} was removed with # reading.} other {{called} was removed with # readings.}}",
  axis: "An axis of figure {figures} showed it and is empty now.",
  uncertainty: "It held the ± of {symbols}, which has none now.",
  allBack: "Undo (Ctrl+Z) brings everything back.",
  itBack: "Undo (Ctrl+Z) brings it back.",
  table:
    "{rows, plural, one {{name} was removed with # row.} other {{name} was removed with # rows.}}",
  /** Where a formula stands that names what was removed. */
  places: {
    quantity: "the formula of {name}",
    aQuantity: "the formula of a quantity",
    result: "the result {name}",
    aResult: "the result without a symbol",
    curve: "a curve of figure {name}",
    theory: "the theory",
    board: "the straighten board",
    block: "the write-up",
  },
  misses:
    "{count, plural, one {{places} names it and misses it now.} other {{places} name it and miss it now.}}",
} as const;
