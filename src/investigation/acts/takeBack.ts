import { act } from "./act";

/** Takes back what is set aside: the given cells of these rows, or everything in them where no cells are named. */
export const takeBack = act<{ rows: readonly string[]; cells?: readonly string[] }>(
  "take-back",
  (draft, { rows, cells }) => {
    for (const row of rows) {
      const target = draft.rows[row];
      if (!target?.setAside) continue;
      for (const cell of cells ?? []) delete target.setAside[cell];
      if (!cells || Object.keys(target.setAside).length === 0) delete target.setAside;
    }
  },
);
