import type { Asked } from "../model/brief";
import { act } from "./act";

/** Sets how many rows of a quantity are asked for, and how far they reach; what is not given stays. */
export const askOf = act<{ quantity: string; change: Partial<Asked> }>(
  "ask-of",
  (draft, { quantity, change }) => {
    if (!draft.brief || !draft.quantities[quantity]) return;
    const before = draft.brief.asked[quantity] ?? { rows: "", from: "", to: "" };
    const after = { ...before, ...change };
    if (Object.values(after).every((text) => text === "")) delete draft.brief.asked[quantity];
    else draft.brief.asked[quantity] = after;
  },
);
