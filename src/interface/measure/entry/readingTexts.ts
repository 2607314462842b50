import { reasonSetAside } from "@/investigation/model/row";
import { isRemarks } from "@/pipeline/readings/evaluated";
import type { EvaluatedRow } from "@/pipeline/readings/evaluated";
import type { GridColumn } from "@/pipeline/table/gridColumns";
import { numberSentence } from "@/wording/numberFaults";

/** A reading as it was typed, what is wrong with it, and why it is set aside if it is. */
export function readingTexts(row: EvaluatedRow | undefined, { cell, evaluated }: GridColumn) {
  const text = row?.row.readings[cell] ?? "";
  const read = row?.readings[cell];
  return {
    text,
    problem:
      read?.kind === "unreadable" && !isRemarks(evaluated)
        ? numberSentence(read.finding)
        : undefined,
    aside: row && text !== "" ? reasonSetAside(row.row, cell) : undefined,
  };
}
