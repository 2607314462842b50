import { scaleLinear } from "d3-scale";
import type { FigureSpecification, PointsSpecification } from "../specification";
import { type AxisScale, fillThePaper } from "./axisScale";
import { textWidth } from "./textWidth";

/** The drawing area and the way from values to points on the paper. */
export interface Frame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  readonly xScale: AxisScale;
  readonly yScale: AxisScale;
  readonly across: (value: number) => number;
  readonly up: (value: number) => number;
  readonly textSize: number;
}

function extent(
  values: ArrayLike<number>,
  bars: ArrayLike<number>,
  aside: readonly number[],
): [number, number] {
  let low = Infinity;
  let high = -Infinity;
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    const bar = bars[i] as number;
    if (value - bar < low) low = value - bar;
    if (value + bar > high) high = value + bar;
  }
  for (const value of aside) {
    if (value < low) low = value;
    if (value > high) high = value;
  }
  return low <= high ? [low, high] : [0, 1];
}

function scales(points: PointsSpecification, width: number, height: number, size: number) {
  const [lowX, highX] = extent(points.x, points.xBars, points.aside.x);
  const [lowY, highY] = extent(points.y, points.yBars, points.aside.y);
  return {
    xScale: fillThePaper(lowX, highX, Math.max(2, width / (size * 6))),
    yScale: fillThePaper(lowY, highY, Math.max(2, height / (size * 3.6))),
  };
}

/** Finds room for ticks, labels and title, and gives the rest to the drawing area. */
export function layFrame(figure: FigureSpecification): Frame {
  const { width, height, textSize: size } = figure;
  const top = figure.title ? size * 3.1 : size * 1.2;
  const bottom = height - size * 3.9;
  const { xScale, yScale } = scales(figure.points, width - size * 6, bottom - top, size);
  const widest = Math.max(...yScale.ticks.map((tick) => textWidth(tick.label, "sans", size)));
  const left = size * 2.6 + widest;
  const lastLabel = xScale.ticks[xScale.ticks.length - 1]?.label ?? "";
  const right = width - Math.max(size, textWidth(lastLabel, "sans", size) / 2 + 1);
  return {
    left,
    right,
    top,
    bottom,
    xScale,
    yScale,
    textSize: size,
    across: scaleLinear([xScale.from, xScale.to], [left, right]),
    up: scaleLinear([yScale.from, yScale.to], [bottom, top]),
  };
}
