import type { Frame } from "../layout/frame";
import { distinctPlaces } from "../layout/distinctPlaces";
import { stroke } from "../layout/pathText";
import { palette } from "../palette";
import type { PointsSpecification } from "../specification";
import type { Mark } from "./mark";
import { pointRadius } from "./pointRadius";

const cap = 2;

function level(from: number, to: number, y: number): string {
  return (
    stroke(from, y, to, y) + stroke(from, y - cap, from, y + cap) + stroke(to, y - cap, to, y + cap)
  );
}

function upright(x: number, from: number, to: number): string {
  return (
    stroke(x, from, x, to) + stroke(x - cap, from, x + cap, from) + stroke(x - cap, to, x + cap, to)
  );
}

function barsOf(points: PointsSpecification, hidden: number, frame: Frame): string {
  const { x, y, xBars, yBars } = points;
  const parts: string[] = [];
  const spots = distinctPlaces(
    x.length,
    (i) => frame.across(x[i] as number),
    (i) => frame.up(y[i] as number),
  );
  for (const i of spots) {
    const xValue = x[i] as number;
    const yValue = y[i] as number;
    const across = frame.across(xValue);
    const up = frame.up(yValue);
    const right = frame.across(xValue + (xBars.up[i] as number));
    const left = frame.across(xValue - (xBars.down[i] as number));
    if (Math.max(right - across, across - left) > hidden) parts.push(level(left, right, up));
    const top = frame.up(yValue + (yBars.up[i] as number));
    const foot = frame.up(yValue - (yBars.down[i] as number));
    if (Math.max(up - top, foot - up) > hidden) parts.push(upright(across, foot, top));
  }
  return parts.join("");
}

/** Bars with caps from the quantities' ±, in x and in y; a bar shorter than its point lies under it. */
export const errorBars: Mark = (figure, frame) => {
  const hidden = pointRadius(figure, frame);
  const d = figure.series.map(({ points }) => barsOf(points, hidden, frame)).join("");
  if (d === "") return [];
  return [{ kind: "path", role: "error-bars", d, stroke: palette.magenta, strokeWidth: 0.8 }];
};
