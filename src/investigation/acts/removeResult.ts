import { act } from "./act";
import { withoutBlocksOf } from "./removeBlock";

/** Removes a result, and what the write-up shows of it. */
export const removeResult = act<{ result: string }>("remove-result", (draft, { result }) => {
  delete draft.results[result];
  withoutBlocksOf(draft, result);
});
