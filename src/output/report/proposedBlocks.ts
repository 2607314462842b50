import type { Investigation } from "@/investigation/model/investigation";
import { inOrder } from "@/investigation/model/order";
import {
  type BlockKind,
  plainBlock,
  type SectionId,
  type WriteUpBlock,
} from "@/investigation/model/writeUp";

/** A block that could be put into the write-up. */
export type ProposedBlock = Omit<WriteUpBlock, "order">;

const block = (kind: BlockKind, of = ""): ProposedBlock => plainBlock("", kind, of);

const section = (name: SectionId): ProposedBlock => ({ ...block("text"), section: name });

/** Whether a figure shows curves in place of lines. */
const isLined = ({ line }: Investigation["figures"][string]) =>
  line.best || line.steepest || line.shallowest;

/** Everything of the investigation that a report can show, in the order of a lab report, without the typed sections. */
function shownBlocks(document: Investigation): readonly ProposedBlock[] {
  const derived = inOrder(document.quantities).filter(([, one]) => one.formula !== undefined);
  const tables = inOrder(document.tables);
  const processed = tables.filter(([id]) => derived.some(([, { table }]) => table === id));
  const figures = inOrder(document.figures).filter(([, { x, y }]) => x !== null && y !== null);
  return [
    ...inOrder(document.recordings).map(([id]) => block("recording", id)),
    ...tables.map(([id]) => block("readings", id)),
    ...derived.map(([id]) => block("example", id)),
    ...processed.map(([id]) => block("processed", id)),
    ...figures.flatMap(([id, figure]) => [
      block("figure", id),
      ...(isLined(figure) ? [block("line", id)] : []),
    ]),
    ...inOrder(document.results).flatMap(([id, { accepted }]) => [
      block("result", id),
      ...(accepted.value.trim() === "" ? [] : [block("comparison", id)]),
    ]),
  ];
}

/** A whole write-up in the order of a lab report, of all that the investigation holds. */
export function layOut(document: Investigation): readonly ProposedBlock[] {
  return [
    block("title"),
    section("aim"),
    section("method"),
    ...shownBlocks(document),
    section("discussion"),
    section("references"),
  ];
}

/** What the investigation holds and the write-up does not show yet. */
export function unusedBlocks(document: Investigation): readonly ProposedBlock[] {
  const used = new Set(
    Object.values(document.writeUp.blocks).map(({ kind, of }) => `${kind}/${of}`),
  );
  return shownBlocks(document).filter(({ kind, of }) => !used.has(`${kind}/${of}`));
}
