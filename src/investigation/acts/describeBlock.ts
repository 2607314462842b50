import type { WriteUpBlock } from "../model/writeUp";
import { act } from "./act";

/**
 * Sets the heading, the words or the prompt of a block, or hides it; what is not given stays. An emptied heading stands for
 * none: the block is no longer one of the parts that propose theirs.
 */
export const describeBlock = act<{
  block: string;
  heading?: string;
  change?: Partial<Pick<WriteUpBlock, "text" | "hidden" | "prompt">>;
}>("describe-block", (draft, { block, heading, change }) => {
  const found = draft.writeUp.blocks[block];
  if (!found) return;
  if (change) Object.assign(found, structuredClone(change));
  if (heading === undefined) return;
  found.heading = heading;
  if (heading === "") delete found.section;
});
