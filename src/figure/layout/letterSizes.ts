import type { FigureSpecification } from "../specification";

/** Words along an axis beside the text size. */
export const axisWords = 1.12;
const equationWords = 1.15;

/** Sizes in points. */
export interface LetterSizes {
  /** Of the numbers at ticks. */
  readonly numbers: number;
  /** What legend and labels are measured by; words along an axis are `axisWords` times as large. */
  readonly words: number;
  readonly equations: number;
}

/** The sizes of a figure's letters: those chosen, or those that belong to its text size. */
export function letterSizes({
  textSize,
  letters = {},
}: Pick<FigureSpecification, "textSize" | "letters">): LetterSizes {
  return {
    numbers: letters.numbers ?? textSize,
    words: letters.words === undefined ? textSize : letters.words / axisWords,
    equations: letters.equations ?? textSize * equationWords,
  };
}
