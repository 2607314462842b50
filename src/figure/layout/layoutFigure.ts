import { axes } from "../marks/axes";
import { errorBars } from "../marks/errorBars";
import { grid } from "../marks/grid";
import { legend } from "../marks/legend";
import { lines } from "../marks/lines";
import type { Mark } from "../marks/mark";
import { points } from "../marks/points";
import { title } from "../marks/title";
import { palette } from "../palette";
import type { Scene } from "../scene";
import type { FigureSpecification } from "../specification";
import { layFrame } from "./frame";

/** Back to front. */
const marks: readonly Mark[] = [grid, axes, lines, errorBars, points, legend, title];

/** Gives everything in a specification its place: the same scene for the same input on every machine. */
export function layoutFigure(figure: FigureSpecification): Scene {
  const frame = layFrame(figure);
  const { width, height } = figure;
  return {
    width,
    height,
    shapes: [
      { kind: "path", role: "paper", d: `M0 0H${width}V${height}H0Z`, fill: palette.paper },
      ...marks.flatMap((mark) => mark(figure, frame)),
    ],
  };
}
