import type { Frame } from "@/figure/layout/frame";
import { errorBars, showsBars } from "@/figure/marks/errorBars";
import { dashes, inkOf, strokeOf, weights } from "@/figure/marks/lines";
import { pointRadius } from "@/figure/marks/pointRadius";
import { colourOf, inksOf } from "@/figure/palette";
import type {
  BandSpecification,
  BarsSpecification,
  FigureSpecification,
  LineSpecification,
  SeriesSpecification,
} from "@/figure/specification";
import { dashTex, outlineTex } from "./outlineTex";
import { colourName, plainNumber } from "./texText";
import { thinned } from "./thinned";

/** Disc, triangle, square, diamond, turned triangle, each with its size beside the radius of a disc. */
const marks = [
  ...[{ mark: "*", size: 1 }, { mark: "triangle*", size: 1.4 }],
  ...[{ mark: "square*", size: 0.92 }, { mark: "diamond*", size: 1.35 }],
  { mark: "triangle*", size: 1.4, turned: true },
] as const; // prettier-ignore

type Figure = Pick<FigureSpecification, "look">;

/** The whole paper from left to right, on a straight axis or a curved one. */
function domainTex(
  { xScale, yScale }: Frame,
  reach: { from: number; to: number } = xScale,
): string {
  const bent = xScale.kind === "log" || yScale.kind === "log";
  const [from, to] = [Math.max(xScale.from, reach.from), Math.min(xScale.to, reach.to)];
  return `domain=${plainNumber(from)}:${plainNumber(to)}, samples=${bent ? 80 : 2}`;
}

function lineTex(
  line: LineSpecification,
  series: SeriesSpecification,
  figure: Figure,
  frame: Frame,
) {
  const { slope, intercept, role, reach } = line;
  const look = [
    colourName(inkOf(line, series, figure.look)),
    `line width=${plainNumber(strokeOf(figure.look) * weights[role])}bp`,
    ...dashTex(dashes[role]),
    ...[domainTex(frame, reach), "no marks", "forget plot"],
  ].join(", ");
  return `\\addplot[${look}] {${plainNumber(slope)}*x + (${plainNumber(intercept)})};`;
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

function barsTex(
  figure: FigureSpecification,
  { points }: SeriesSpecification,
  frame: Frame,
): string {
  const { look, textSize } = figure;
  if (!showsBars(figure) || look.bars === "boxes" || look.bars === "ellipses") return "";
  const hidden = pointRadius(figure, frame);
  const wide = (frame.right - frame.left) / Math.abs(frame.xScale.to - frame.xScale.from);
  const tall = (frame.bottom - frame.top) / Math.abs(frame.yScale.to - frame.yScale.from);
  const direction = (bars: BarsSpecification, each: number, kind: "linear" | "log") =>
    kind === "log" || seen(bars, (value) => value * each, hidden) ? "both" : "none";
  const ink = colourName(inksOf(look).magenta);
  const cap =
    look.bars === "plain"
      ? "error mark=none"
      : `error mark options={${ink}, rotate=90, mark size=${plainNumber(textSize / 4)}bp, line width=0.8bp}`;
  return [
    ", error bars/.cd",
    `x dir=${direction(points.xBars, wide, frame.xScale.kind)}, x explicit`,
    `y dir=${direction(points.yBars, tall, frame.yScale.kind)}, y explicit`,
    `error bar style={${ink}, line width=0.8bp}, ${cap}`,
  ].join(", ");
}

/** How the points of a series look, filled or hollow. */
export function markerTex(
  series: Pick<SeriesSpecification, "name" | "place">,
  figure: FigureSpecification,
  frame: Frame,
  kind: "filled" | "hollow" = "filled",
): string {
  const shape = marks[series.place % marks.length]!;
  const ink = colourName(colourOf(series, figure.look));
  const inside =
    kind === "filled"
      ? `draw=${ink}, fill=${ink}, line width=0.1bp`
      : `draw=${ink}, fill=white, line width=0.7bp`;
  const turned = "turned" in shape ? ", rotate=180" : "";
  const size = plainNumber(pointRadius(figure, frame) * shape.size);
  return `only marks, mark=${shape.mark}, mark size=${size}bp, mark options={${inside}${turned}}`;
}

/** Readings with their bars as a table, and those set aside. */
function pointsTex(
  figure: FigureSpecification,
  series: SeriesSpecification,
  frame: Frame,
): string[] {
  const { x, y, xBars, yBars, aside } = series.points;
  const rows = Array.from({ length: x.length }, (_, i) =>
    [x[i], xBars.down[i], xBars.up[i], y[i], yBars.down[i], yBars.up[i]]
      .map((value) => plainNumber(value as number))
      .join(" "),
  );
  const columns = "x=x, y=y, x error minus=xm, x error plus=xp, y error minus=ym, y error plus=yp";
  const left = aside.x.map((value, i) => `(${plainNumber(value)},${plainNumber(aside.y[i]!)})`);
  const marker = (kind: "filled" | "hollow") => markerTex(series, figure, frame, kind);
  return [
    `\\addplot[forget plot, ${marker("filled")}${barsTex(figure, series, frame)}] table[${columns}] {`,
    ...["x xm xp y ym yp", ...rows, "};"],
    ...(left.length > 0
      ? [`\\addplot[forget plot, ${marker("hollow")}] coordinates {${left.join(" ")}};`]
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
      ...series.lines.map((line) => lineTex(line, series, figure, frame)),
    ]),
    ...outlines.flatMap((shape) => (shape.kind === "path" ? outlineTex(shape, frame) : [])),
    ...figure.series.flatMap((series) => pointsTex(figure, series, frame)),
  ];
}
