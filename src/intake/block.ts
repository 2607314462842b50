import { type Cells, isNumeric, usesDecimalCommas } from "./cells";
import { type Heading, readHeading } from "./heading";

/** A pasted block understood: headings (if it had any) and readings. */
export interface Block {
  readonly headings: readonly Heading[] | undefined;
  readonly readings: Cells;
  readonly width: number;
  readonly understood: {
    readonly decimalCommas: boolean;
    readonly shortRows: number;
  };
}

function isWordRow(row: readonly string[]): boolean {
  return row.some((cell) => /\p{L}/u.test(cell) && !isNumeric(cell)) && !row.some(isNumeric);
}

/** A second line of headings that holds units only: "m", "(s)", "m/s". */
function isUnitRow(row: readonly string[]): boolean {
  return isWordRow(row) && row.every((cell) => cell.replace(/[()[\]]/g, "").length <= 12);
}

function headingsOf(cells: Cells): { headings: Heading[] | undefined; lines: number } {
  const [first = [], second = []] = cells;
  if (cells.length < 2 || !isWordRow(first)) return { headings: undefined, lines: 0 };
  const headings = first.map(readHeading);
  if (cells.length < 3 || !isUnitRow(second) || headings.some(({ unit }) => unit !== "")) {
    return { headings, lines: 1 };
  }
  const units = second.map((cell) => cell.replace(/^[([]|[)\]]$/g, ""));
  return { headings: headings.map((h, i) => ({ ...h, unit: units[i] ?? "" })), lines: 2 };
}

function withPoints(readings: Cells): Cells {
  return readings.map((row) =>
    row.map((cell) => (readNumericComma(cell) ? cell.replaceAll(",", ".") : cell)),
  );
}

function readNumericComma(cell: string): boolean {
  return cell.includes(",") && isNumeric(cell);
}

/**
 * Understands a block of cells: one or two lines of headings above numbers, decimal commas turned into
 * points (every digit kept), short rows left short.
 */
export function readBlock(cells: Cells): Block {
  const { headings, lines } = headingsOf(cells);
  const body = cells.slice(lines);
  const decimalCommas = usesDecimalCommas(body);
  const width = cells.reduce((widest, row) => Math.max(widest, row.length), 0);
  return {
    headings,
    readings: decimalCommas ? withPoints(body) : body,
    width,
    understood: {
      decimalCommas,
      shortRows: body.filter((row) => row.length < width).length,
    },
  };
}
