import { holdsWords } from "@/core/text/holdsWords";
import { recurring } from "@/core/text/recurring";
import { limits } from "@/investigation/model/limits";
import { cellsOfQuantity } from "@/investigation/model/row";
import type { EvaluatedQuantity, EvaluatedRow } from "./evaluated";

/** The words of a column that holds nothing else, as they come; undefined where a number is among them, or nothing at all. */
export function wordsOnly(
  { id, quantity }: EvaluatedQuantity,
  rows: readonly EvaluatedRow[],
): readonly string[] | undefined {
  if (quantity.formula !== undefined || quantity.repeats > 1) return undefined;
  const texts: string[] = [];
  for (const { row, readings } of rows) {
    if (cellsOfQuantity(row, id).length === 0) continue;
    if (readings[id]?.kind === "number") return undefined;
    texts.push(row.readings[id] ?? "");
  }
  return holdsWords(texts) ? texts : undefined;
}

/**
 * The words of a column that tell rows apart: as they come, where none of them is a number and one at least comes again;
 * undefined otherwise.
 */
export function recurringWords(
  quantity: EvaluatedQuantity,
  rows: readonly EvaluatedRow[],
): readonly string[] | undefined {
  const texts = wordsOnly(quantity, rows);
  return texts && recurring(texts, limits.series);
}
