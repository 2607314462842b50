import { nanoid } from "nanoid";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import type { PastePlan } from "@/intake/pastePlan";
import type { Investigation } from "@/investigation/model/investigation";
import { measuredColumn } from "@/pipeline/measured";
import { evaluateTables, tableOf } from "@/pipeline/table";
import { doInParts } from "../store/doInParts";
import type { InvestigationStore } from "../store/investigationStore";

/** So many cells are written before the page has its turn again. */
const cellsAtOnce = 9_000;

/** Fresh ids that are begun by chance and then counted: thousands of them cost no chance. */
export function manyIds(): () => string {
  const start = nanoid(10);
  let count = 0;
  return () => (count++ === 0 ? start : `${start}${count.toString(36)}`);
}

/** Reads what will be in sight first: the rows, and the columns of the first look. */
function readAhead(document: Investigation, tableId: string): void {
  const { rows, quantities } = tableOf(evaluateTables(document), tableId);
  for (const quantity of quantities.slice(0, 2)) measuredColumn(rows, quantity);
}

/**
 * Pastes a block, a long one in parts, so that the page never stands still; one step of undo. The parts are read as
 * they are written, so that the whole is shown at once in the end.
 */
export async function pasteInParts(
  store: InvestigationStore,
  { table, newQuantities, headings, readings, rows, columns }: PastePlan,
  series: string | undefined,
): Promise<void> {
  const step = Math.max(1, Math.floor(cellsAtOnce / columns));
  function* parts() {
    for (let from = 0; from < rows; from += step) {
      const first = from === 0 ? { newQuantities, headings } : { newQuantities: [], headings: [] };
      yield { table, series, ...first, readings: readings(from, from + step) };
    }
  }
  await doInParts(store, pasteBlock, parts(), (document) => readAhead(document, table));
}
