import { nanoid } from "nanoid";
import { pasteBlock } from "@/investigation/acts/pasteBlock";
import { doAct, type InvestigationStore } from "../store/investigationStore";

type Paste = Parameters<typeof pasteBlock.change>[1];

/** So many cells are written before the page has its turn again. */
const cellsAtOnce = 6000;

const turn = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Ends of the parts: none ends within a row, whose cells come one after the other. */
function* partsOf(readings: Paste["readings"]): Generator<Paste["readings"]> {
  let start = 0;
  while (start < readings.length) {
    let end = Math.min(readings.length, start + cellsAtOnce);
    while (end < readings.length && readings[end]?.row === readings[end - 1]?.row) end++;
    yield readings.slice(start, end);
    start = end;
  }
}

/** Pastes a block, a long one in parts, so that the page never stands still; one step of undo. */
export async function pasteInParts(store: InvestigationStore, paste: Paste): Promise<void> {
  const key = nanoid(8);
  let first = true;
  for (const readings of partsOf(paste.readings)) {
    if (!first) await turn();
    const rest = first ? {} : { newQuantities: [], headings: [] };
    doAct(store, pasteBlock, { ...paste, ...rest, readings }, key, true);
    first = false;
  }
}
