import { axes } from "../marks/axes";
import { bands } from "../marks/bands";
import { curves } from "../marks/curves";
import { errorBars } from "../marks/errorBars";
import { grid } from "../marks/grid";
import { band, joins } from "../marks/joins";
import { lines } from "../marks/lines";
import type { FigureMark } from "../marks/mark";
import { points } from "../marks/points";
import { strip } from "../marks/strip";
import { caption, title } from "../marks/title";
import { triangle } from "../marks/triangle";
import { equations, labels, legend } from "../marks/words";
import { inksOf } from "../palette";
import { box } from "../path/outlines";
import type { PathShape, Scene, Shape } from "../scene";
import type { FigureSpecification } from "../specification";
import { layFrame } from "./frame";
import { spotsOf } from "./spots";
import { placeWords } from "./words";

/** Back to front. */
const behind: readonly FigureMark[] = [band, bands, grid, axes, joins, curves, lines, triangle];
const crowded: readonly FigureMark[] = [errorBars, points];
const before: readonly FigureMark[] = [strip, legend, equations, labels, title, caption];

/** The marks give strokes as they are at this size of text. */
const plainTextSize = 8;

/** Strokes and dashes grow with the text, so that a slide and a poster look like the report. */
function weighed({ textSize }: FigureSpecification) {
  const weight = textSize / plainTextSize;
  const scaled = (length: number) => Math.round(length * weight * 1000) / 1000;
  return <One extends Shape>(shape: One): One =>
    shape.kind === "text"
      ? shape
      : {
          ...shape,
          ...(shape.strokeWidth !== undefined && { strokeWidth: scaled(shape.strokeWidth) }),
          ...(shape.dash && { dash: shape.dash.map(scaled) }),
        };
}

function layout(figure: FigureSpecification, marks: readonly FigureMark[]): Scene {
  const frame = layFrame(figure);
  const words = placeWords(figure, frame);
  const { width, height } = figure;
  const paper: Shape = {
    kind: "path",
    role: "paper",
    path: box(0, 0, width, height),
    fill: inksOf(figure.look).paper,
  };
  const shapes = [
    paper,
    ...marks.flatMap((mark) => mark(figure, frame, words)).map(weighed(figure)),
  ];
  return { width, height, shapes, spots: spotsOf(figure, frame, words, shapes) };
}

/** Gives everything in a specification its place: the same scene for the same input on every machine. */
export function layoutFigure(figure: FigureSpecification): Scene {
  return layout(figure, [...behind, ...crowded, ...before]);
}

/** The scene without its points and their bars, which are drawn by themselves where there are thousands. */
export function layoutWithoutCrowd(figure: FigureSpecification): Scene {
  return layout(figure, [...behind, ...before]);
}

/** The points and bars that the scene without them lacks. */
export function crowdOf(figure: FigureSpecification): readonly PathShape[] {
  const frame = layFrame(figure);
  const words = { labels: [], equations: [] };
  return crowded
    .flatMap((mark) => mark(figure, frame, words))
    .filter((shape) => shape.kind === "path")
    .map(weighed(figure));
}
