import { act } from "./act";

/** Keeps a figure's look as the class's own. */
export const keepLook = act<{ figure: string }>("keep-look", (draft, { figure }) => {
  const found = draft.figures[figure];
  if (found) draft.ownLook = { ...found.look };
});
