import type { Reason } from "../model/reason";
import { act } from "./act";

/** Answers pencil marks of one kind with the reason why they may be passed over. */
export const dismissMark = act<{ marks: readonly string[]; reason: Reason }>(
  "dismiss-mark",
  (draft, { marks, reason }) => {
    for (const mark of marks) draft.dismissed[mark] = reason;
  },
);
