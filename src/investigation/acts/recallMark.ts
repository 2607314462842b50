import { act } from "./act";

/** Lets a pencil mark that was answered stand again. */
export const recallMark = act<{ mark: string }>("recall-mark", (draft, { mark }) => {
  delete draft.dismissed[mark];
});
