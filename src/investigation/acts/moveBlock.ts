import { ordersBefore } from "../model/order";
import { act } from "./act";

/** Moves a block of the write-up in front of another, or behind all (null). */
export const moveBlock = act<{ block: string; before: string | null }>(
  "move-block",
  (draft, { block, before }) => {
    const { blocks } = draft.writeUp;
    const moved = blocks[block];
    const [order] = ordersBefore(blocks, before, 1, new Set([block]));
    if (moved && order !== undefined) moved.order = order;
  },
);
