import { axes } from "../marks/axes";
import { errorBars } from "../marks/errorBars";
import { grid } from "../marks/grid";
import { band, joins } from "../marks/joins";
import { lines } from "../marks/lines";
import type { Mark } from "../marks/mark";
import { points } from "../marks/points";
import { caption, title } from "../marks/title";
import { equations, labels, legend } from "../marks/words";
import { inksOf } from "../palette";
import type { Scene, Shape } from "../scene";
import type { FigureSpecification } from "../specification";
import { layFrame } from "./frame";
import { spotsOf } from "./spots";
import { placeWords } from "./words";

/** Back to front. */
const marks: readonly Mark[] = [
  ...[band, grid, axes, joins, lines, errorBars, points],
  ...[legend, equations, labels, title, caption],
];

/** Gives everything in a specification its place: the same scene for the same input on every machine. */
export function layoutFigure(figure: FigureSpecification): Scene {
  const frame = layFrame(figure);
  const words = placeWords(figure, frame);
  const { width, height } = figure;
  const paper: Shape = {
    ...{ kind: "path", role: "paper", d: `M0 0H${width}V${height}H0Z` },
    fill: inksOf(figure.look).paper,
  };
  const shapes = [paper, ...marks.flatMap((mark) => mark(figure, frame, words))];
  return { width, height, shapes, spots: spotsOf(figure, frame, words, shapes) };
}
