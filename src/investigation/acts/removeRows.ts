import { act } from "./act";

/** Removes whole rows with their readings. */
export const removeRows = act<{ rows: readonly string[] }>("remove-rows", (draft, args) => {
  for (const row of args.rows) delete draft.rows[row];
});
