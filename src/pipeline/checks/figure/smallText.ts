import type { FigureCheck } from "./figureCheck";

const least = 7;

/** Text that will be smaller than 7 points in print. */
export const smallText: FigureCheck = ({ specification }) =>
  specification.textSize < least ? [{ name: "small-text", points: specification.textSize }] : [];
