import { limits } from "../model/limits";
import { ordersBefore } from "../model/order";
import type { WriteUpBlock } from "../model/writeUp";
import { act } from "./act";

/** Puts blocks into the write-up, in front of another or behind all (null). */
export const addBlocks = act<{
  blocks: readonly { readonly id: string; readonly block: Omit<WriteUpBlock, "order"> }[];
  before: string | null;
}>("add-blocks", (draft, { blocks, before }) => {
  const { blocks: all } = draft.writeUp;
  const room = limits.blocks - Object.keys(all).length;
  const taken = blocks.slice(0, Math.max(0, room));
  const orders = ordersBefore(all, before, taken.length);
  taken.forEach(({ id, block }, index) => {
    all[id] = { ...structuredClone(block), order: orders[index] as string };
  });
});
