/** A trace in short, as it is drawn in a report: least and greatest of one column after another, as one text. */
export interface Outline {
  /** Least and greatest of all; both 0 where there are no readings. */
  readonly least: number;
  readonly greatest: number;
  /** Two signs to base 36 for each number, from 0 for the least to 1295 for the greatest; ".." where all were lost. */
  readonly pairs: string;
}

/** So many columns an outline has. */
export const outlineColumns = 320;

const [base, steps, lost] = [36, 36 ** 2 - 1, ".."];

/** @param columns least and greatest for each column, two numbers each, NaN where there is nothing. */
export function outlineOf(columns: Float32Array): Outline {
  let [least, greatest] = [Infinity, -Infinity];
  for (const value of columns) {
    if (value < least) least = value;
    if (value > greatest) greatest = value;
  }
  if (!(greatest >= least)) return { least: 0, greatest: 0, pairs: lost.repeat(columns.length) };
  const range = greatest - least || 1;
  let pairs = "";
  for (const value of columns) {
    const step = Math.round(((value - least) / range) * steps);
    pairs += Number.isNaN(value) ? lost : step.toString(base).padStart(2, "0");
  }
  return { least, greatest, pairs };
}

/** Least and greatest for each column again, to a thousandth of the range. */
export function columnsOf({ least, greatest, pairs }: Outline): Float64Array {
  const columns = new Float64Array(pairs.length / 2);
  for (let i = 0; i < columns.length; i++) {
    const text = pairs.slice(2 * i, 2 * i + 2);
    columns[i] = text === lost ? NaN : least + (parseInt(text, base) / steps) * (greatest - least);
  }
  return columns;
}
