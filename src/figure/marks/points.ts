import type { Frame } from "../layout/frame";
import { visiblePlaces } from "../layout/visiblePlaces";
import { markerOf, markerPath } from "../layout/marker";
import { colourOf, inksOf } from "../palette";
import { box, stroke } from "../path/outlines";
import type { Path } from "../path/path";
import type { Shape } from "../scene";
import type { FigureSpecification, MarkerShape, SeriesSpecification } from "../specification";
import type { FigureMark } from "./mark";
import { pointRadius } from "./pointRadius";

/** More points than this are dots, whose shape nobody can see. */
const mostMarkers = 5000;

function outline(
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  marker: MarkerShape,
  radius: number,
  frame: Frame,
): Path {
  const across = (i: number) => frame.across(x[i] as number);
  const up = (i: number) => frame.up(y[i] as number);
  const drawn = visiblePlaces(x, y, frame);
  if (x.length <= mostMarkers) {
    return drawn.flatMap((i) => markerPath(marker, across(i), up(i), radius));
  }
  const half = radius * 0.9;
  return drawn.flatMap((i) => box(across(i) - half, up(i) - half, 2 * half, 2 * half));
}

/** A stroke through each place: what tells points that are set aside from others that are hollow by choice. */
function crossedOut(x: readonly number[], y: readonly number[], radius: number, frame: Frame) {
  const reach = radius * 1.5;
  return visiblePlaces(x, y, frame)
    .map((i) => [frame.across(x[i] as number), frame.up(y[i] as number)] as const)
    .flatMap(([across, up]) => stroke(across - reach, up + reach, across + reach, up - reach));
}

function shapesOf(series: SeriesSpecification, figure: FigureSpecification, frame: Frame): Shape[] {
  const { points, own } = series;
  const marker = markerOf(series);
  const { x, y, aside } = points;
  const radius = pointRadius(figure, frame, series);
  const colour = colourOf(series, figure.look);
  const hollow = { fill: inksOf(figure.look).paper, stroke: colour, strokeWidth: 0.7 };
  const shapes: Shape[] = [];
  if (x.length > 0) {
    const path = outline(x, y, marker, radius, frame);
    const ink = own?.hollow ? { ...hollow, strokeWidth: 0.9 } : { fill: colour };
    shapes.push({ kind: "path", role: "points", path, ...ink });
  }
  if (aside.x.length > 0) {
    const markers = outline(aside.x, aside.y, marker, radius, frame);
    const through = own?.hollow ? crossedOut(aside.x, aside.y, radius, frame) : [];
    shapes.push({ kind: "path", role: "points-aside", path: [...markers, ...through], ...hollow });
  }
  return shapes;
}

/** Readings as markers, a series in one path so that thousands stay quick; those set aside are hollow. */
export const points: FigureMark = (figure, frame) =>
  figure.series.flatMap((series) => shapesOf(series, figure, frame));
