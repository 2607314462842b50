import { beginBrief } from "../acts/beginBrief";
import { removeRows } from "../acts/removeRows";
import { perform } from "../history/edit";
import type { Figure } from "../model/figure";
import type { Investigation } from "../model/investigation";
import type { WriteUpBlock } from "../model/writeUp";

/** A figure without what was laid on its readings by hand. */
const cleared = (figure: Figure): Figure => ({
  ...figure,
  labels: {},
  straightedges: {},
  triangle: null,
});

/** A block without what was written in it: that is for the benches to write. */
const unwritten = (block: WriteUpBlock): WriteUpBlock => ({ ...block, text: [] });

const each = <Item>(record: Readonly<Record<string, Item>>, change: (item: Item) => Item) =>
  Object.fromEntries(Object.entries(record).map(([id, item]) => [id, change(item)]));

/**
 * An investigation as a brief: what was settled in it, its quantities, instruments, formulas, figures, results and
 * headings; none of its readings, of what was laid on them or written about them, and not who did.
 */
export function briefFrom(document: Investigation): Investigation {
  const rows = Object.keys(document.rows);
  const { document: bare } = perform(document, removeRows, { rows });
  const { document: brief } = perform(bare, beginBrief, {});
  const { figures, writeUp } = brief;
  return {
    ...brief,
    figures: each(figures, cleared),
    examples: {},
    recordings: {},
    readOffs: {},
    dismissed: {},
    writeUp: { ...writeUp, blocks: each(writeUp.blocks, unwritten), authors: "" },
  };
}
