import { act } from "./act";

/** Writes the equation of the best line beside it, or leaves it out. */
export const showEquation = act<{ figure: string; shown: boolean }>(
  "show-equation",
  (draft, { figure, shown }) => {
    const found = draft.figures[figure];
    if (found) found.equation = shown;
  },
);
