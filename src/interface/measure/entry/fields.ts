import { type GridColumn, isDerived } from "@/pipeline/table/gridColumns";

/** The places of the columns that can be typed into, from left to right. */
export function openColumns(columns: readonly GridColumn[]): readonly number[] {
  return columns.flatMap((column, place) => (isDerived(column) ? [] : [place]));
}

/** A place of the table in big entry: a row and one of the columns that can be typed into. */
export interface FieldPlace {
  readonly row: number;
  readonly column: number;
}

/**
 * The field behind or before another one: across the row, then on to the next row. Undefined before the first of all, and
 * behind the last of the row that waits.
 */
export function nextField(
  { row, column }: FieldPlace,
  open: readonly number[],
  rows: number,
  step: 1 | -1,
): FieldPlace | undefined {
  const at = open.indexOf(column);
  const beside = open[at + step];
  if (at >= 0 && beside !== undefined) return { row, column: beside };
  const other = row + step;
  const first = step > 0 ? open[0] : open.at(-1);
  if (other < 0 || other > rows || first === undefined) return undefined;
  return { row: other, column: first };
}

/** A text with the sign of its number turned: "3.12" to "−3.12" and back. */
export function signTurned(text: string): string {
  return /^\s*[-−]/.test(text) ? text.replace(/^\s*[-−]\s*/, "") : `−${text}`;
}
