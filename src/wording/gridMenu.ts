/** Words of the menu of a cell and of a heading. */
export const gridMenuWords = {
  cell: "This reading and its row",
  heading: "This quantity",
  edit: "Edit within the text",
  copy: "Copy",
  paste: "Paste",
  noClipboard:
    "This browser does not let the page read the clipboard here: press Ctrl+V in the cell.",
  empty: "Empty",
  asideReading: "Set this reading aside",
  asideRow: "Set the row aside",
  back: "Take back",
  history: "What was typed here",
  insert: "Insert a row above",
  up: "Move up",
  down: "Move down",
  fill: "Fill down",
  remove: "Remove the row",
  big: "Big entry",
  left: "Move to the left",
  right: "Move to the right",
  hide: "Hide",
} as const;
