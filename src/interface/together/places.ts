/** How a reading is called as a place on the sheet; undefined in a row that is not there yet. */
export function placeOfReading(row: string | undefined, cell: string): string | undefined {
  return row === undefined ? undefined : `cell:${row}/${cell}`;
}
