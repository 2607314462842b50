import { act } from "./act";

/** Lets go of something read off; its reading goes with it while it is still its own. */
export const forgetReadOff = act<{ id: string }>("forget-read-off", (draft, { id }) => {
  const entry = draft.readOffs[id];
  if (!entry) return;
  const { goesTo } = entry;
  const row = goesTo && draft.rows[goesTo.row];
  if (row && row.readings[goesTo.cell] === goesTo.text) delete row.readings[goesTo.cell];
  delete draft.readOffs[id];
});
