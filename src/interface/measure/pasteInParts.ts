import { nanoid } from "nanoid";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import type { PastePlan } from "@/intake/pastePlan";
import { doAct, type InvestigationStore } from "../store/investigationStore";

/** So many cells are written before the page has its turn again. */
const cellsAtOnce = 12_000;

const turn = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Fresh ids that are begun by chance and then counted: thousands of them cost no chance. */
export function manyIds(): () => string {
  const start = nanoid(10);
  let count = 0;
  return () => (count++ === 0 ? start : `${start}${count.toString(36)}`);
}

/** Pastes a block, a long one in parts, so that the page never stands still; one step of undo. */
export async function pasteInParts(
  store: InvestigationStore,
  { table, newQuantities, headings, readings, rows, columns }: PastePlan,
  series: string | undefined,
): Promise<void> {
  const key = nanoid(8);
  const step = Math.max(1, Math.floor(cellsAtOnce / columns));
  for (let from = 0; from < rows; from += step) {
    if (from > 0) await turn();
    const first = from === 0 ? { newQuantities, headings } : { newQuantities: [], headings: [] };
    const part = { table, series, ...first, readings: readings(from, from + step) };
    doAct(store, pasteBlock, part, key, true);
  }
}
