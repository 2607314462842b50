import { readNumber } from "@/core/number/readNumber";
import { toDecimals } from "@/core/number/writtenNumber";
import { spreadOf } from "@/core/statistics/spread";
import { type SpreadRule, spreadPart } from "@/core/uncertainty/readingUncertainty";
import type { DecimalMark } from "@/core/number/readNumber";
import type { Cells } from "./cellKinds";

/** How a long file is made shorter: one row of several, or the mean of several with their scatter as ±. */
export type Thinning = "every" | "means";

/** How many rows stand for one where so many have to find room for so few. */
export const rowsForOne = (rows: number, most: number): number =>
  Math.max(1, Math.ceil(rows / Math.max(1, most)));

/** The mean of cells with their scatter behind it, a place finer than they were read; other texts as the first of them. */
function meanOf(cells: readonly string[], mark: DecimalMark, rule: SpreadRule): string {
  const numbers = cells.flatMap((cell) => {
    const read = readNumber(cell, mark);
    return read.kind === "number" ? [read.number] : [];
  });
  const spread = spreadOf(numbers.map(({ value }) => value));
  if (!spread) return cells[0] ?? "";
  const decimals = Math.max(...numbers.map((one) => one.decimals)) + 1;
  const written = (value: number) => {
    const text = toDecimals(value, Math.max(0, decimals)).replace("−", "-");
    return mark === "comma" ? text.replace(".", ",") : text;
  };
  const size = spreadPart(rule, spread);
  return size === undefined ? written(spread.mean) : `${written(spread.mean)} ± ${written(size)}`;
}

/** Rows made fewer: every k-th, or means over k with their scatter as ± by the rule of the house. */
export function thinnedRows(
  rows: Cells,
  most: number,
  how: Thinning,
  { mark, spread }: { readonly mark: DecimalMark; readonly spread: SpreadRule },
): Cells {
  const each = rowsForOne(rows.length, most);
  const count = Math.ceil(rows.length / each);
  return Array.from({ length: count }, (_, at) => {
    const own = rows.slice(at * each, (at + 1) * each);
    const [first = []] = own;
    if (how === "every" || own.length < 2) return first;
    return first.map((_, column) =>
      meanOf(
        own.map((row) => row[column] ?? ""),
        mark,
        spread,
      ),
    );
  });
}
