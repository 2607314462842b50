import { missedBoxes } from "@/core/fit/missedBoxes";
import type { RangeLine } from "@/core/fit/slopeRange";
import { boxesOf } from "./boxes";
import type { FigureFit, SeriesFit } from "./fit";

/** Rows, by their numbers in the table, whose error boxes a line misses. */
export function missedRows(
  { fitted }: Pick<SeriesFit, "fitted">,
  line: RangeLine,
  { table }: FigureFit,
): readonly number[] {
  const numbers = new Map(table.rows.map(({ id }, index) => [id, index + 1]));
  const { boxes, indices } = boxesOf(fitted);
  return missedBoxes(boxes, line)
    .map((index) => numbers.get(fitted.rows[indices[index] as number]?.id ?? "") ?? 0)
    .sort((a, b) => a - b);
}
