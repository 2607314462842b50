import { orderAtEnd } from "../model/order";
import { act } from "./act";

/** Puts a row's worked example of a derived quantity into the write-up, or takes it out (null). */
export const chooseExample = act<{ quantity: string; row: string | null }>(
  "choose-example",
  (draft, { quantity, row }) => {
    const before = draft.examples[quantity];
    if (row === null) delete draft.examples[quantity];
    else draft.examples[quantity] = { order: before?.order ?? orderAtEnd(draft.examples), row };
  },
);
