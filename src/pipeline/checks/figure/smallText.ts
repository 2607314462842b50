import type { FigureCheck } from "./figureCheck";

const least = 7;

/** Text that will be smaller than 7 points in print. */
export const smallText: FigureCheck = ({ specification }) => {
  const { textSize, letters = {} } = specification;
  const { numbers = textSize, words = textSize, equations = textSize } = letters;
  const points = Math.min(numbers, words, equations);
  return points < least ? [{ name: "small-text", points }] : [];
};
