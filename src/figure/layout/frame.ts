import { scaleLinear } from "d3-scale";
import type { FigureSpecification, SeriesSpecification } from "../specification";
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

function extent(series: readonly SeriesSpecification[], axis: "x" | "y"): [number, number] {
  let low = Infinity;
  let high = -Infinity;
  for (const { points } of series) {
    const values = points[axis];
    const { up, down } = axis === "x" ? points.xBars : points.yBars;
    for (let i = 0; i < values.length; i++) {
      const value = values[i] as number;
      low = Math.min(low, value - (down[i] as number));
      high = Math.max(high, value + (up[i] as number));
    }
    for (const value of points.aside[axis]) {
      low = Math.min(low, value);
      high = Math.max(high, value);
    }
  }
  return low <= high ? [low, high] : [0, 1];
}

function scales(
  { series, style }: FigureSpecification,
  width: number,
  height: number,
  size: number,
) {
  const [lowX, highX] = extent(series, "x");
  const [lowY, highY] = extent(series, "y");
  return {
    xScale: marked(fillThePaper(lowX, highX, Math.max(2, width / (size * 6))), style.decimalMark),
    yScale: marked(
      fillThePaper(lowY, highY, Math.max(2, height / (size * 3.6))),
      style.decimalMark,
    ),
  };
}

/** The scale with its numbers written with the decimal mark of the house. */
function marked(scale: AxisScale, mark: "point" | "comma"): AxisScale {
  if (mark === "point") return scale;
  const ticks = scale.ticks.map((tick) => ({ ...tick, label: tick.label.replace(".", ",") }));
  return { ...scale, ticks };
}

/** Finds room for ticks, labels and title, and gives the rest to the drawing area. */
export function layFrame(figure: FigureSpecification): Frame {
  const { width, height, textSize: size } = figure;
  const above = figure.series.length > 1 ? size * 1.4 : 0;
  const top = above + (figure.title ? size * 3.1 : size * 1.2);
  const bottom = height - size * 3.9;
  const { xScale, yScale } = scales(figure, width - size * 6, bottom - top, size);
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
