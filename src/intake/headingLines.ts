import { type Cells, isNumeric } from "./cellKinds";
import { readHeading } from "./heading";

function isWordRow(row: readonly string[]): boolean {
  return row.some((cell) => /\p{L}|[±°Ω%]/u.test(cell) && !isNumeric(cell)) && !row.some(isNumeric);
}

/** A second line of headings that holds units only: "m", "(s)", "m/s". */
function isUnitRow(row: readonly string[]): boolean {
  return isWordRow(row) && row.every((cell) => cell.replace(/[()[\]]/g, "").length <= 12);
}

/** How many lines of headings stand above the readings: none, one, or two where the second holds the units. */
export function headingLines(cells: Cells): 0 | 1 | 2 {
  const [first = [], second = []] = cells;
  if (cells.length < 2 || !isWordRow(first)) return 0;
  const units = cells.length >= 3 && isUnitRow(second);
  return units && first.every((cell) => readHeading(cell).unit === "") ? 2 : 1;
}
