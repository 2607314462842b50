/** Advance widths in thousandths of the size, in stretches of code points by the first of them, in hexadecimal. */
export type Stretched = Readonly<Record<string, readonly number[]>>;

/** The widths of a table by code point. */
export function widthTable(stretched: Stretched): ReadonlyMap<number, number> {
  const table = new Map<number, number>();
  for (const [first, widths] of Object.entries(stretched)) {
    const from = parseInt(first, 16);
    widths.forEach((width, place) => table.set(from + place, width));
  }
  return table;
}
