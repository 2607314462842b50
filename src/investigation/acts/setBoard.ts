import type { StraightenBoard } from "../model/investigation";
import { act } from "./act";

/** Changes what the straighten board is laid out with. */
export const setBoard = act<{ change: Partial<StraightenBoard> }>(
  "set-board",
  (draft, { change }) => {
    Object.assign(draft.board, change);
  },
);
