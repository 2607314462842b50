import type { Frame } from "@/figure/layout/frame";
import { markerOf } from "@/figure/layout/marker";
import { errorBars, showsBars } from "@/figure/marks/errorBars";
import { dashOf, inkOf, strokeOf, weights } from "@/figure/marks/lines";
import { pointRadius } from "@/figure/marks/pointRadius";
import { colourOf, inksOf } from "@/figure/palette";
import type {
  BandSpecification,
  BarsSpecification,
  FigureSpecification,
  LineSpecification,
  MarkerShape,
  SeriesSpecification,
} from "@/figure/specification";
import { dashTex, outlineTex } from "./outlineTex";
import { isNear, shortened } from "./near";
import { colourName, plainNumber } from "./texText";
import { thinned } from "./thinned";

interface MarkTex {
  readonly mark: string;
  readonly size: number;
  /** By how many degrees it is turned. */
  readonly turn?: number;
  /** Made of strokes, with nothing to fill. */
  readonly stroked?: true;
}

/** Each shape with its size beside the radius of a disc. */
const marks: Readonly<Record<MarkerShape, MarkTex>> = {
  disc: { mark: "*", size: 1 },
  triangle: { mark: "triangle*", size: 1.4 },
  square: { mark: "square*", size: 0.92 },
  diamond: { mark: "diamond*", size: 1.35 },
  turned: { mark: "triangle*", size: 1.4, turn: 180 },
  cross: { mark: "x", size: 0.95, stroked: true },
  plus: { mark: "+", size: 1.25, stroked: true },
};

type Figure = Pick<FigureSpecification, "look">;

interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** The whole paper from left to right, on a straight axis or a curved one. */
function domainTex({ xScale, yScale }: Frame, { from, to }: Stretch): string {
  const bent = xScale.kind === "log" || yScale.kind === "log";
  return `domain=${plainNumber(from)}:${plainNumber(to)}, samples=${bent ? 80 : 2}`;
}

/** Where a line runs within the paper or near it: TeX has no room for numbers that are far outside. */
function stretchOf(
  { slope, intercept, reach }: LineSpecification,
  { xScale, yScale }: Frame,
): Stretch | undefined {
  const within = reach ?? xScale;
  const tall = yScale.kind === "log" ? 0 : yScale.to - yScale.from;
  const at = (y: number) => (y - intercept) / slope;
  const [low, high] = [at(yScale.from - tall), at(yScale.to + tall)].sort((a, b) => a - b);
  const bounded = slope !== 0 && low !== undefined && high !== undefined;
  const from = Math.max(xScale.from, within.from, bounded ? low : -Infinity);
  const to = Math.min(xScale.to, within.to, bounded ? high : Infinity);
  return from < to ? { from, to } : undefined;
}

function lineTex(
  line: LineSpecification,
  series: SeriesSpecification,
  figure: Figure,
  frame: Frame,
): string[] {
  const { slope, intercept, role } = line;
  const stretch = stretchOf(line, frame);
  if (!stretch) return [];
  const look = [
    colourName(inkOf(line, series, figure.look)),
    `line width=${plainNumber(strokeOf(figure.look) * weights[role])}bp`,
    ...dashTex(dashOf(line, series)),
    ...[domainTex(frame, stretch), "no marks", "forget plot"],
  ].join(", ");
  return [`\\addplot[${look}] {${plainNumber(slope)}*x + (${plainNumber(intercept)})};`];
}

/** Both edges of the band in which further readings are expected. */
function predictionTex(band: BandSpecification, { look }: Figure, { xScale }: Frame): string[] {
  const { slope, intercept, centre, atCentre, ofSlope, t } = band;
  const half = `${plainNumber(t)}*sqrt(${plainNumber(atCentre)} + ${plainNumber(ofSlope)}*(x - (${plainNumber(centre)}))^2)`;
  const domain = `domain=${plainNumber(xScale.from)}:${plainNumber(xScale.to)}, samples=60`;
  const style = [colourName(inksOf(look).magenta), "line width=0.6bp", ...dashTex([3, 2])];
  return ["+", "-"].map(
    (sign) =>
      `\\addplot[${style.join(", ")}, ${domain}, no marks, forget plot] {${plainNumber(slope)}*x + (${plainNumber(intercept)}) ${sign} ${half}};`,
  );
}

/** Whether a bar of a series sticks out from under its point. */
function seen({ up, down }: BarsSpecification, reach: (value: number) => number, hidden: number) {
  return Array.from(up).some((_, i) => reach(Math.max(up[i]!, down[i]!)) > hidden);
}

function barsTex(figure: FigureSpecification, series: SeriesSpecification, frame: Frame): string {
  const { points } = series;
  const { look, textSize } = figure;
  const { barsAlong = "both" } = look;
  if (!showsBars(figure) || look.bars === "boxes" || look.bars === "ellipses") return "";
  const hidden = pointRadius(figure, frame, series);
  const wide = (frame.right - frame.left) / Math.abs(frame.xScale.to - frame.xScale.from);
  const tall = (frame.bottom - frame.top) / Math.abs(frame.yScale.to - frame.yScale.from);
  const direction = (bars: BarsSpecification, each: number, kind: "linear" | "log") =>
    kind === "log" || seen(bars, (value) => value * each, hidden) ? "both" : "none";
  const across = barsAlong === "up" ? "none" : direction(points.xBars, wide, frame.xScale.kind);
  const up = barsAlong === "across" ? "none" : direction(points.yBars, tall, frame.yScale.kind);
  const ink = colourName(inksOf(look).magenta);
  const cap =
    look.bars === "plain"
      ? "error mark=none"
      : `error mark options={${ink}, rotate=90, mark size=${plainNumber(textSize / 4)}bp, line width=0.8bp}`;
  return [
    ", error bars/.cd",
    `x dir=${across}, x explicit`,
    `y dir=${up}, y explicit`,
    `error bar style={${ink}, line width=0.8bp}, ${cap}`,
  ].join(", ");
}

/** How the points of a series look, filled or hollow. */
export function markerTex(
  series: Pick<SeriesSpecification, "name" | "seriesNumber" | "own">,
  figure: FigureSpecification,
  frame: Frame,
  kind: "filled" | "hollow" = "filled",
): string {
  const shape = marks[markerOf(series)];
  const radius = pointRadius(figure, frame, series);
  const hollow = kind === "hollow" || series.own?.hollow;
  const ink = colourName(colourOf(series, figure.look));
  const filled = shape.stroked
    ? `draw=${ink}, line width=${plainNumber(radius * 0.44)}bp`
    : `draw=${ink}, fill=${ink}, line width=0.1bp`;
  const inside = hollow ? `draw=${ink}, fill=white, line width=0.7bp` : filled;
  const turned = shape.turn === undefined ? "" : `, rotate=${shape.turn}`;
  const size = plainNumber(radius * shape.size);
  return `only marks, mark=${shape.mark}, mark size=${size}bp, mark options={${inside}${turned}}`;
}

/** The stroke through points that are set aside in a series of hollow ones. */
function throughTex(series: SeriesSpecification, figure: FigureSpecification, frame: Frame) {
  const ink = colourName(colourOf(series, figure.look));
  const size = plainNumber(pointRadius(figure, frame, series) * 2.1);
  return `only marks, mark=|, mark size=${size}bp, mark options={draw=${ink}, rotate=-45, line width=0.7bp}`;
}

/** Readings with their bars as a table, and those set aside. */
function pointsTex(
  figure: FigureSpecification,
  series: SeriesSpecification,
  frame: Frame,
): string[] {
  const { x, y, xBars, yBars, aside } = series.points;
  const { xScale, yScale } = frame;
  const rows = Array.from({ length: x.length }, (_, i) => {
    const [across, up] = [x[i] as number, y[i] as number];
    if (!isNear(frame, across, up)) return [];
    const wide = [xBars.down, xBars.up].map((bars) => shortened(bars[i] as number, xScale));
    const tall = [yBars.down, yBars.up].map((bars) => shortened(bars[i] as number, yScale));
    return [[across, ...wide, up, ...tall].map(plainNumber).join(" ")];
  }).flat();
  const columns = "x=x, y=y, x error minus=xm, x error plus=xp, y error minus=ym, y error plus=yp";
  const left = Array.from(aside.x).flatMap((value, i) =>
    isNear(frame, value, aside.y[i]!)
      ? [`(${plainNumber(value)},${plainNumber(aside.y[i]!)})`]
      : [],
  );
  const marker = (kind: "filled" | "hollow") => markerTex(series, figure, frame, kind);
  return [
    `\\addplot[forget plot, ${marker("filled")}${barsTex(figure, series, frame)}] table[${columns}] {`,
    ...["x xm xp y ym yp", ...rows, "};"],
    ...(left.length > 0
      ? [`\\addplot[forget plot, ${marker("hollow")}] coordinates {${left.join(" ")}};`]
      : []),
    ...(left.length > 0 && series.own?.hollow
      ? [
          `\\addplot[forget plot, ${throughTex(series, figure, frame)}] coordinates {${left.join(" ")}};`,
        ]
      : []),
  ];
}

/** Points, bars and lines of every series of a drawing area; of more points than TeX has room for a part, which is said. */
export function seriesTex(whole: FigureSpecification, frame: Frame): string[] {
  const { look } = whole;
  const { figure, comments } = thinned(whole, frame);
  const outlines =
    look.bars === "boxes" || look.bars === "ellipses"
      ? errorBars(figure, frame, { equations: [], labels: [] })
      : [];
  return [
    ...comments,
    ...figure.series.flatMap((series) => [
      ...series.bands
        .filter(({ kind }) => kind === "prediction")
        .flatMap((band) => predictionTex(band, figure, frame)),
      ...series.lines.flatMap((line) => lineTex(line, series, figure, frame)),
    ]),
    ...outlines.flatMap((shape) => (shape.kind === "path" ? outlineTex(shape, frame) : [])),
    ...figure.series.flatMap((series) => pointsTex(figure, series, frame)),
  ];
}
