import type { Investigation } from "../model/investigation";
import { act } from "./act";

/** Takes out of the write-up what shows a thing that is gone. */
export function withoutBlocksOf({ writeUp }: Investigation, id: string): void {
  for (const [block, { of }] of Object.entries(writeUp.blocks)) {
    if (of === id) delete writeUp.blocks[block];
  }
}

/** Takes a block out of the write-up. */
export const removeBlock = act<{ block: string }>("remove-block", (draft, { block }) => {
  delete draft.writeUp.blocks[block];
});
