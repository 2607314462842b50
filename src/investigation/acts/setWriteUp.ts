import type { WriteUp } from "../model/writeUp";
import { act } from "./act";

/** Sets how the write-up is laid out and who wrote it. */
export const setWriteUp = act<{ change: Partial<Omit<WriteUp, "blocks">> }>(
  "set-write-up",
  (draft, { change }) => {
    Object.assign(draft.writeUp, change);
  },
);
