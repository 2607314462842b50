import { faced, setRuns, textShape } from "../layout/setText";
import { palette } from "../palette";
import type { Mark } from "./mark";

/** The title above the drawing area, from the left edge; a long one is set smaller. */
export const title: Mark = (figure, frame) => {
  if (!figure.title) return [];
  const left = frame.textSize * 0.4;
  const runs = faced(figure.title, "serifBold", "serifBoldItalic");
  const size = frame.textSize * 1.36;
  const { width } = setRuns(runs, size);
  const fitting = Math.min(size, (size * (figure.width - 2 * left)) / width);
  return [
    textShape("title", runs, {
      ...{ x: left, y: frame.textSize * 1.5, size: fitting },
      ...{ fill: palette.ink, align: "start" },
    }),
  ];
};
