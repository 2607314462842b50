import { act } from "./act";

/** Takes words off a figure. */
export const removeLabel = act<{ figure: string; id: string }>(
  "remove-label",
  (draft, { figure, id }) => {
    delete draft.figures[figure]?.labels[id];
  },
);
