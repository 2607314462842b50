import type { WriteUpBlock } from "../model/writeUp";
import { act } from "./act";

/** Sets the heading, the words or the prompt of a block, or hides it; what is not given stays. */
export const describeBlock = act<{
  block: string;
  change: Partial<Pick<WriteUpBlock, "heading" | "text" | "hidden" | "prompt">>;
}>("describe-block", (draft, { block, change }) => {
  const found = draft.writeUp.blocks[block];
  if (found) Object.assign(found, structuredClone(change));
});
