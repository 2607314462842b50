import { visiblePlaces } from "../layout/visiblePlaces";
import type { Frame } from "../layout/frame";
import { coordinate, stroke } from "../layout/pathText";
import { inksOf } from "../palette";
import { type FigureSpecification, pointCount, type PointsSpecification } from "../specification";
import type { Mark } from "./mark";
import { pointRadius } from "./pointRadius";

/** One point with the ends of its bars on the paper. */
interface BarEnds {
  readonly x: number;
  readonly y: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly foot: number;
}

/** Bars of more points than this would be one blot. */
const mostBars = 3000;

/** Half the width of a cap beside the size of the text. */
const capReach = 0.25;

function level({ left, right, y }: BarEnds, cap: number): string {
  const ends = cap > 0 ? [left, right].map((x) => stroke(x, y - cap, x, y + cap)).join("") : "";
  return stroke(left, y, right, y) + ends;
}

function upright({ x, top, foot }: BarEnds, cap: number): string {
  const ends = cap > 0 ? [top, foot].map((y) => stroke(x - cap, y, x + cap, y)).join("") : "";
  return stroke(x, foot, x, top) + ends;
}

function box({ left, right, top, foot }: BarEnds): string {
  const [l, r, t, f] = [left, right, top, foot].map(coordinate);
  return `M${l} ${t}H${r}V${f}H${l}Z`;
}

/** Four quarters, so that unlike ends keep their own reach. */
function ellipse({ x, y, left, right, top, foot }: BarEnds): string {
  const at = (px: number, py: number) => `${coordinate(px)} ${coordinate(py)}`;
  const quarter = (rx: number, ry: number, to: string) =>
    `A${at(Math.abs(rx), Math.abs(ry))} 0 0 1 ${to}`;
  return (
    `M${at(left, y)}${quarter(x - left, y - top, at(x, top))}${quarter(right - x, y - top, at(right, y))}` +
    `${quarter(right - x, foot - y, at(x, foot))}${quarter(x - left, foot - y, at(left, y))}Z`
  );
}

function endsOf(points: PointsSpecification, i: number, frame: Frame): BarEnds {
  const [x, y] = [points.x[i] as number, points.y[i] as number];
  const within = (value: number, low: number, high: number) =>
    Math.min(Math.max(value, Math.min(low, high)), Math.max(low, high));
  const across = (value: number) => within(frame.across(value), frame.left, frame.right);
  const up = (value: number) => within(frame.up(value), frame.top, frame.bottom);
  const sides = [
    across(x - (points.xBars.down[i] as number)),
    across(x + (points.xBars.up[i] as number)),
  ];
  const ends = [up(y + (points.yBars.up[i] as number)), up(y - (points.yBars.down[i] as number))];
  return {
    ...{ x: frame.across(x), y: frame.up(y) },
    ...{ left: Math.min(...sides), right: Math.max(...sides) },
    ...{ top: Math.min(...ends), foot: Math.max(...ends) },
  };
}

/** A bar shorter than its point lies under it and is not drawn. */
function drawn(ends: BarEnds, { look, textSize }: FigureSpecification, hidden: number): string {
  const kind = look.bars;
  const wide = Math.max(ends.right - ends.x, ends.x - ends.left) > hidden;
  const tall = Math.max(ends.foot - ends.y, ends.y - ends.top) > hidden;
  if (!wide && !tall) return "";
  if (kind === "boxes") return box(ends);
  if (kind === "ellipses") return wide && tall ? ellipse(ends) : box(ends);
  const cap = kind === "capped" ? capReach * textSize : 0;
  return (wide ? level(ends, cap) : "") + (tall ? upright(ends, cap) : "");
}

function barsOf(points: PointsSpecification, figure: FigureSpecification, frame: Frame): string {
  const hidden = pointRadius(figure, frame);
  return visiblePlaces(points.x, points.y, frame)
    .map((i) => drawn(endsOf(points, i, frame), figure, hidden))
    .join("");
}

/** Whether a figure has bars: where somebody wants them, and its points are few enough. */
export function showsBars(figure: FigureSpecification): boolean {
  return figure.look.bars !== "none" && pointCount(figure).taking <= mostBars;
}

/** Bars from the quantities' ±, in x and in y, or boxes or ellipses of that size. */
export const errorBars: Mark = (figure, frame) => {
  if (!showsBars(figure)) return [];
  const d = figure.series.map(({ points }) => barsOf(points, figure, frame)).join("");
  if (d === "") return [];
  const stroke = inksOf(figure.look).magenta;
  return [{ kind: "path", role: "error-bars", d, stroke, strokeWidth: 0.8 }];
};
