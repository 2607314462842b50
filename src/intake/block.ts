import type { DecimalMark } from "@/core/number/readNumber";
import { type Cells, isNumeric } from "./cellKinds";
import { usesDecimalCommas } from "./cells";
import { type Heading, readHeading } from "./heading";
import { headingLines } from "./headingLines";
import { type RepeatedColumns, repeatedColumns, withoutRepeatNumbers } from "./numberedHeadings";

/** A pasted block understood: headings (if it had any) and readings. */
export interface Block {
  readonly headings: readonly Heading[] | undefined;
  readonly readings: Cells;
  readonly width: number;
  readonly understood: {
    readonly decimalCommas: boolean;
    readonly shortRows: number;
  };
  /** Columns that are repeats of one quantity by their headings. */
  readonly repeated?: readonly RepeatedColumns[];
}

function headingsOf(cells: Cells, lines: 0 | 1 | 2): Heading[] | undefined {
  if (lines === 0) return undefined;
  const [first = [], second = []] = cells;
  const headings = first.map(readHeading);
  if (lines === 1) return headings;
  const units = second.map((cell) => cell.replace(/^[([]|[)\]]$/g, ""));
  return headings.map((heading, i) => ({ ...heading, unit: units[i] ?? "" }));
}

const blank: Heading = { name: "", symbol: "", unit: "" };

const filledTo = (headings: readonly Heading[], width: number): readonly Heading[] =>
  Array.from({ length: width }, (_, at) => headings[at] ?? blank);

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
 * points (every digit kept) where the house writes points, short rows left short.
 */
export function readBlock(given: Cells, mark: DecimalMark = "point"): Block {
  const cells = withoutRepeatNumbers(given);
  const lines = headingLines(cells);
  const body = cells.slice(lines);
  const decimalCommas = mark === "point" && usesDecimalCommas(body);
  const width = cells.reduce((widest, row) => Math.max(widest, row.length), 0);
  const headings = headingsOf(cells, lines);
  const repeated = headings ? repeatedColumns(filledTo(headings, width)) : [];
  return {
    headings,
    ...(repeated.length > 0 && { repeated }),
    readings: decimalCommas ? withPoints(body) : body,
    width,
    understood: {
      decimalCommas,
      shortRows: body.filter((row) => row.length < width).length,
    },
  };
}
