import { act } from "./act";

/** Lets pencil marks that were answered stand again. */
export const recallMark = act<{ marks: readonly string[] }>("recall-mark", (draft, { marks }) => {
  for (const mark of marks) delete draft.dismissed[mark];
});
