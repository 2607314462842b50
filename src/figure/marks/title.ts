import { captionLines, captionScale } from "../layout/captionLines";
import { faced, setRuns, textShape } from "../layout/setText";
import { inksOf } from "../palette";
import type { FigureMark } from "./mark";

/** The title above the drawing area, from the left edge; a long one is set smaller. */
export const title: FigureMark = (figure, frame) => {
  if (!figure.title) return [];
  const left = frame.textSize * 0.4;
  const runs = faced(figure.title, "serifBold", "serifBoldItalic");
  const size = frame.textSize * 1.36;
  const { width } = setRuns(runs, size);
  const fitting = Math.min(size, (size * (figure.width - 2 * left)) / width);
  return [
    textShape("title", runs, {
      x: left,
      y: frame.textSize * 1.5,
      size: fitting,
      fill: inksOf(figure.look).ink,
      align: "start",
    }),
  ];
};

/** The caption under the figure, line by line. */
export const caption: FigureMark = (figure, { textSize }) => {
  const size = textSize * captionScale;
  const lines = captionLines(figure);
  return lines.map((runs, index) =>
    textShape("caption", runs, {
      x: textSize * 0.4,
      size,
      align: "start",
      fill: inksOf(figure.look).ink,
      y: figure.height - textSize * (0.6 + 1.35 * (lines.length - 1 - index)),
    }),
  );
};
