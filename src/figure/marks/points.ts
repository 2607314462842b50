import type { Frame } from "../layout/frame";
import { visiblePlaces } from "../layout/visiblePlaces";
import { coordinate } from "../layout/pathText";
import { markerPath } from "../layout/marker";
import { colourOf, inksOf } from "../palette";
import type { Shape } from "../scene";
import type { FigureSpecification, SeriesSpecification } from "../specification";
import type { Mark } from "./mark";
import { pointRadius } from "./pointRadius";

/** More points than this are dots, whose shape nobody can see. */
const mostMarkers = 5000;

function outline(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  place: number,
  radius: number,
  frame: Frame,
): string {
  const across = (i: number) => frame.across(x[i] as number);
  const up = (i: number) => frame.up(y[i] as number);
  const drawn = visiblePlaces(x, y, frame);
  if (x.length <= mostMarkers) {
    return drawn.map((i) => markerPath(place, across(i), up(i), radius)).join("");
  }
  const side = coordinate(radius * 1.8);
  const half = radius * 0.9;
  return drawn
    .map(
      (i) =>
        `M${coordinate(across(i) - half)} ${coordinate(up(i) - half)}h${side}v${side}h-${side}z`,
    )
    .join("");
}

function shapesOf(series: SeriesSpecification, figure: FigureSpecification, frame: Frame): Shape[] {
  const { points, place } = series;
  const { x, y, aside } = points;
  const radius = pointRadius(figure, frame);
  const colour = colourOf(series, figure.look);
  const shapes: Shape[] = [];
  if (x.length > 0) {
    shapes.push({
      kind: "path",
      role: "points",
      d: outline(x, y, place, radius, frame),
      fill: colour,
    });
  }
  if (aside.x.length > 0) {
    const d = outline(aside.x, aside.y, place, radius, frame);
    const hollow = { fill: inksOf(figure.look).paper, stroke: colour, strokeWidth: 0.7 };
    shapes.push({ kind: "path", role: "points-aside", d, ...hollow });
  }
  return shapes;
}

/** Readings as markers, a series in one path so that thousands stay quick; those set aside are hollow. */
export const points: Mark = (figure, frame) =>
  figure.series.flatMap((series) => shapesOf(series, figure, frame));
