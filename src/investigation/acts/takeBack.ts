import { act } from "./act";

/** Takes everything that is set aside in these rows back. */
export const takeBack = act<{ rows: readonly string[] }>("take-back", (draft, { rows }) => {
  for (const row of rows) {
    const target = draft.rows[row];
    if (target?.setAside) delete target.setAside;
  }
});
