import { act } from "./act";

/** Writes the equation that the readings are to follow. */
export const writeTheory = act<{ equation: string }>("write-theory", (draft, { equation }) => {
  draft.theory = equation;
});
