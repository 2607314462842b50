import { remembered } from "@/remembered/remembered";
import { scaleLinear, scaleLog } from "d3-scale";
import type {
  AxisSpecification,
  FigureSpecification,
  PointsSpecification,
  SeriesSpecification,
} from "../specification";
import type { AxisScale } from "./axisScale";
import { captionLines } from "./captionLines";
import { chosenScale } from "./chosenScale";
import { type LetterSizes, letterSizes } from "./letterSizes";
import { faced, setRuns } from "./setText";

/** The drawing area and the way from values to points on the paper. */
export interface Frame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** How far the axes stand off the drawing area. */
  readonly gap: number;
  readonly xScale: AxisScale;
  readonly yScale: AxisScale;
  readonly across: (value: number) => number;
  readonly up: (value: number) => number;
  /** Back from a place on the paper to a value. */
  readonly xAt: (across: number) => number;
  readonly yAt: (up: number) => number;
  readonly textSize: number;
  readonly letters: LetterSizes;
  /** The drawing area of the strip under this one, where there is one. */
  readonly strip?: StripFrame;
}

/** What the strip has of its own; left, right and x are those of the figure. */
export type StripFrame = Pick<Frame, "top" | "bottom" | "yScale" | "up" | "yAt">;

type Extent = readonly [low: number, high: number];

function foundExtent(points: PointsSpecification, axis: "x" | "y", positive: boolean): Extent {
  let low = Infinity;
  let high = -Infinity;
  const take = (value: number) => {
    if (positive && value <= 0) return;
    if (value < low) low = value;
    if (value > high) high = value;
  };
  const values = points[axis];
  const { up, down } = axis === "x" ? points.xBars : points.yBars;
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    const foot = value - (down[i] as number);
    const top = value + (up[i] as number);
    if (positive) [value, foot, top].forEach(take);
    else {
      if (foot < low) low = foot;
      if (top > high) high = top;
    }
  }
  for (const value of points.aside[axis]) take(value);
  return [low, high];
}

/** From the lowest end of a bar to the highest, looked for once as long as the points stay. */
const extentOf = remembered(foundExtent);

function extent(
  series: readonly SeriesSpecification[],
  axis: "x" | "y",
  positive: boolean,
): [number, number] {
  const all = series.map(({ points }) => extentOf(points, axis, positive));
  const low = Math.min(...all.map(([lowest]) => lowest));
  const high = Math.max(...all.map(([, highest]) => highest));
  return low <= high ? [low, high] : positive ? [1, 10] : [0, 1];
}

/** From values to places; on a logarithmic axis everything at or below 0 lies at its lower end. */
function mapping(scale: AxisScale, { reversed }: AxisSpecification, range: [number, number]) {
  const [start, end] = reversed ? [range[1], range[0]] : range;
  if (scale.kind === "linear") {
    const { from, to } = scale;
    const part = (value: number) => (value - from) / (to - from);
    return {
      to: (value: number) => start * (1 - part(value)) + end * part(value),
      back: scaleLinear([from, to], [start, end]).invert,
    };
  }
  const map = scaleLog([scale.from, scale.to], [start, end]);
  return {
    to: (value: number) => (value > 0 ? map(value) : start),
    back: (place: number) => map.invert(place),
  };
}

/** Room for the lines of a caption. */
export function captionRoom(figure: FigureSpecification): number {
  const lines = captionLines(figure).length;
  return figure.textSize * (lines > 0 ? 0.7 + 1.35 * lines : 0);
}

/** Height of the strip beside that of the figure. */
export const stripPart = 0.24;

/** Room for the strip with the space over it; 0 where there is none. */
export function stripRoom({ strip, height, textSize }: FigureSpecification): number {
  return strip ? Math.max(8 * textSize, stripPart * height) : 0;
}

/** Room under the drawing area: numbers, axis label, strip, caption. */
function roomBelow(figure: FigureSpecification): number {
  const { numbers, words } = letterSizes(figure);
  return numbers * 1.8 + words * 2.1 + stripRoom(figure) + captionRoom(figure);
}

function layStrip(figure: FigureSpecification, textSize: number): StripFrame | undefined {
  const { strip, style } = figure;
  if (!strip) return undefined;
  const bottom = figure.height - captionRoom(figure) - textSize * 0.8;
  const top = figure.height - captionRoom(figure) - stripRoom(figure) + textSize * 0.8;
  const room = Math.max(2, (bottom - top) / (textSize * 2.6));
  const yScale = chosenScale(strip.y, extent(strip.series, "y", false), room, style);
  const { to, back } = mapping(yScale, strip.y, [bottom, top]);
  return { top, bottom, yScale, up: to, yAt: back };
}

/** Whether a place lies on the drawing area, its edges included. */
export function isInside({ left, right, top, bottom }: Frame, x: number, y: number): boolean {
  const slack = 0.01;
  return x >= left - slack && x <= right + slack && y >= top - slack && y <= bottom + slack;
}

/** Finds room for ticks, labels, title and caption, and gives the rest to the drawing area. */
export const layFrame = remembered((figure: FigureSpecification): Frame => {
  const { width, textSize: size, series, style } = figure;
  const letters = letterSizes(figure);
  const { numbers } = letters;
  const gap = figure.look.gap ? size * 0.8 : 0;
  const top = figure.title ? size * 3.1 : size * 1.2;
  const bottom = figure.height - roomBelow(figure) - gap;
  const roomFor = (room: number, each: number) => Math.max(2, room / (numbers * each));
  const xScale = chosenScale(
    figure.x,
    extent(series, "x", figure.x.scale === "log"),
    roomFor(width - numbers * 6, 6),
    style,
  );
  const yScale = chosenScale(
    figure.y,
    extent(series, "y", figure.y.scale === "log"),
    roomFor(bottom - top, 3.6),
    style,
  );
  const { lettering } = figure.look;
  const widthOf = ({ label }: AxisScale["ticks"][number]) =>
    setRuns(faced(label, lettering, "serifItalic"), numbers).width;
  const strip = layStrip(figure, size);
  const ticks = [...yScale.ticks, ...(strip?.yScale.ticks ?? [])];
  const widest = Math.max(0, ...ticks.map(widthOf));
  const left = letters.words * 1.6 + numbers + widest + gap;
  const lastTick = xScale.ticks[figure.x.reversed ? 0 : xScale.ticks.length - 1];
  const right = width - Math.max(size * 1.2, lastTick ? widthOf(lastTick) / 2 + 1 : 0);
  const across = mapping(xScale, figure.x, [left, right]);
  const up = mapping(yScale, figure.y, [bottom, top]);
  return {
    left,
    right,
    top,
    bottom,
    gap,
    xScale,
    yScale,
    textSize: size,
    letters,
    across: across.to,
    xAt: across.back,
    up: up.to,
    yAt: up.back,
    ...(strip && { strip }),
  };
});
