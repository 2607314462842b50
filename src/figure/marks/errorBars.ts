import { visiblePlaces } from "../layout/visiblePlaces";
import type { Frame } from "../layout/frame";
import { inksOf } from "../palette";
import { box, quarter, stroke } from "../path/outlines";
import type { Path, Place } from "../path/path";
import {
  type FigureSpecification,
  pointCount,
  type PointsSpecification,
  type SeriesSpecification,
} from "../specification";
import type { FigureMark } from "./mark";
import { pointRadius } from "./pointRadius";

/** One point with the ends of its bars on the paper. */
interface BarEnds {
  readonly x: number;
  readonly y: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly foot: number;
  /** Whether it goes on beyond the edge of the drawing area, where it has no cap. */
  readonly cut: { readonly [End in "left" | "right" | "top" | "foot"]: boolean };
}

/** Bars of more points than this would be one blot. */
const mostBars = 3000;

const slack = 0.01;

/** Half the width of a cap beside the size of the text. */
const capReach = 0.25;

function level({ left, right, y, cut }: BarEnds, cap: number): Path {
  const capped = cap > 0 ? [...(cut.left ? [] : [left]), ...(cut.right ? [] : [right])] : [];
  const ends = capped.flatMap((x) => stroke(x, y - cap, x, y + cap));
  return [...stroke(left, y, right, y), ...ends];
}

function upright({ x, top, foot, cut }: BarEnds, cap: number): Path {
  const capped = cap > 0 ? [...(cut.top ? [] : [top]), ...(cut.foot ? [] : [foot])] : [];
  const ends = capped.flatMap((y) => stroke(x - cap, y, x + cap, y));
  return [...stroke(x, foot, x, top), ...ends];
}

function around({ left, right, top, foot }: BarEnds): Path {
  return box(left, top, right - left, foot - top);
}

/** Four quarters, so that unlike ends keep their own reach. */
function ellipse({ x, y, left, right, top, foot }: BarEnds): Path {
  const [west, east]: [Place, Place] = [
    [left, y],
    [right, y],
  ];
  const [north, south]: [Place, Place] = [
    [x, top],
    [x, foot],
  ];
  return [
    { kind: "move", x: left, y },
    quarter(west, [left, top], north),
    quarter(north, [right, top], east),
    quarter(east, [right, foot], south),
    quarter(south, [left, foot], west),
    { kind: "close" },
  ];
}

function endsOf(points: PointsSpecification, i: number, frame: Frame): BarEnds {
  const [x, y] = [points.x[i] as number, points.y[i] as number];
  const within = (value: number, low: number, high: number) =>
    Math.min(Math.max(value, Math.min(low, high)), Math.max(low, high));
  const sides = [
    frame.across(x - (points.xBars.down[i] as number)),
    frame.across(x + (points.xBars.up[i] as number)),
  ];
  const ends = [
    frame.up(y + (points.yBars.up[i] as number)),
    frame.up(y - (points.yBars.down[i] as number)),
  ];
  const whole = {
    left: Math.min(...sides),
    right: Math.max(...sides),
    top: Math.min(...ends),
    foot: Math.max(...ends),
  };
  return {
    x: frame.across(x),
    y: frame.up(y),
    left: within(whole.left, frame.left, frame.right),
    right: within(whole.right, frame.left, frame.right),
    top: within(whole.top, frame.top, frame.bottom),
    foot: within(whole.foot, frame.top, frame.bottom),
    cut: {
      left: whole.left < frame.left - slack,
      right: whole.right > frame.right + slack,
      top: whole.top < frame.top - slack,
      foot: whole.foot > frame.bottom + slack,
    },
  };
}

/** A bar shorter than its point lies under it and is not drawn. */
function drawn(ends: BarEnds, { look, textSize }: FigureSpecification, hidden: number): Path {
  const kind = look.bars;
  const along = look.barsAlong ?? "both";
  const wide = along !== "up" && Math.max(ends.right - ends.x, ends.x - ends.left) > hidden;
  const tall = along !== "across" && Math.max(ends.foot - ends.y, ends.y - ends.top) > hidden;
  if (!wide && !tall) return [];
  if (kind === "boxes" || kind === "ellipses") {
    const { x, y } = ends;
    const shown = {
      ...ends,
      ...(along === "up" && { left: x, right: x }),
      ...(along === "across" && { top: y, foot: y }),
    };
    return kind === "ellipses" && wide && tall ? ellipse(shown) : around(shown);
  }
  const cap = kind === "capped" ? capReach * textSize : 0;
  return [...(wide ? level(ends, cap) : []), ...(tall ? upright(ends, cap) : [])];
}

function barsOf(series: SeriesSpecification, figure: FigureSpecification, frame: Frame): Path {
  const { points } = series;
  const hidden = pointRadius(figure, frame, series);
  return visiblePlaces(points.x, points.y, frame).flatMap((i) =>
    drawn(endsOf(points, i, frame), figure, hidden),
  );
}

/** Whether a figure has bars: where somebody wants them, and its points are few enough. */
export function showsBars(figure: FigureSpecification): boolean {
  return figure.look.bars !== "none" && pointCount(figure).taking <= mostBars;
}

/** Bars from the quantities' ±, in x and in y, or boxes or ellipses of that size. */
export const errorBars: FigureMark = (figure, frame) => {
  if (!showsBars(figure)) return [];
  const path = figure.series.flatMap((series) => barsOf(series, figure, frame));
  if (path.length === 0) return [];
  const stroke = inksOf(figure.look).magenta;
  return [{ kind: "path", role: "error-bars", path, stroke, strokeWidth: 0.8 }];
};
