import { remembered } from "@/remembered/remembered";
import { plainRunText, type RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import type {
  FigureSpecification,
  PointsSpecification,
  SeriesSpecification,
} from "@/figure/specification";
import { type Figure, plainAxis, plainLine, plainLook } from "@/investigation/model/figure";
import { inOrder } from "@/investigation/model/order";
import type { Quantity } from "@/investigation/model/quantity";
import { figureTexts } from "@/wording/figureTexts";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { inList } from "@/wording/language/listing";
import { rememberedWords } from "@/wording/language/rememberedWords";
import { listed, withRuns } from "@/wording/language/runs";
import { axis, lookOf, type Style } from "./axisOf";
import { bandsOf, type Lined, linesOf, triangleOf } from "./figureLines";
import { figureLetters, figureSize } from "./figureSize";
import type { FigureFit, PlottedSeries } from "../lines/fit";
import type { FigurePoints } from "../lines/figurePoints";
import { seriesLookOf } from "./seriesLook";
import { stripOf } from "./residualFigure";

export type { Style } from "./axisOf";

/** The first look in the margin. */
const small = { width: 243, height: 180, textSize: 8 };
/** Beside a title on the shelf. */
const thumb = { width: 132, height: 96, textSize: 6 };

function calling(quantity: Quantity): RunText {
  const symbol = writeSymbol(quantity.symbol);
  return symbol.length > 0 ? symbol : [{ text: quantity.name.trim() || figureTexts.unnamed }];
}

/** "T² against L³", or the title that was typed. */
export function figureTitle(title: string, x: Quantity, ys: readonly Quantity[]): RunText {
  if (title.trim() !== "") return [{ text: title.trim() }];
  const up = listed(ys.map(calling));
  return withRuns({ up, across: calling(x) }, figureTexts.title);
}

/** Everything that stands up the vertical axis. */
export function plottedUp({ y, also }: FigureFit): readonly Quantity[] {
  return [y, ...also].map(({ quantity }) => quantity);
}

/** What a series is called, its quantity's symbol typeset; nothing where there are no series. */
export function seriesRuns({ points }: PlottedSeries, fit: FigureFit): RunText {
  if (!fit.groups.some((group) => group.points === points))
    return [{ text: figureTexts.allSeries }];
  const own = fit.also.length > 0 ? calling(points.y.quantity) : [];
  const series = points.series
    ? points.series.series.name.trim() || figureTexts.unnamedSeries
    : points.loose
      ? figureTexts.noSeries
      : "";
  if (series === "") return own;
  if (own.length === 0) return [{ text: series }];
  return withRuns({ quantity: own, series: [{ text: series }] }, figureTexts.ofSeries);
}

/** What a series is called in plain words; "" where there are none. */
export function seriesName(one: PlottedSeries, fit: FigureFit): string {
  return plainRunText(seriesRuns(one, fit));
}

/** The same object as long as the points are the same, so that what was found of them stays found. */
const pointsSpecification = remembered(
  ({ xValues: x, yValues: y, xBars, yBars, aside }: FigurePoints): PointsSpecification => ({
    x,
    y,
    xBars,
    yBars,
    aside,
  }),
);

function seriesSpecification(
  one: PlottedSeries,
  place: number,
  fit: FigureFit,
  chosen: Chosen,
  style: Style,
): SeriesSpecification {
  const { points } = one;
  const line = fit.lines[place];
  const own = seriesLookOf(chosen, one.key);
  return {
    key: one.key,
    name: seriesName(one, fit),
    ...(fit.also.length > 0 && !points.series && { symbol: calling(points.y.quantity) }),
    seriesNumber: points.seriesNumber,
    ...(own && { own }),
    points: pointsSpecification(points),
    lines: line ? linesOf(line, style, chosen, fit.table) : [],
    bands: line ? bandsOf(line, style, chosen.line) : [],
  };
}

const noPoints: PointsSpecification = {
  x: [],
  y: [],
  xBars: { up: [], down: [] },
  yBars: { up: [], down: [] },
  aside: { x: [], y: [] },
};

/** The line over all series where each has its own too: without points of its own, in ink. */
function overAll(fit: FigureFit, chosen: Chosen, style: Style): SeriesSpecification[] {
  const line = fit.groups.length > 1 ? fit.lines[fit.groups.length] : undefined;
  if (!line) return [];
  return [
    {
      key: line.key,
      name: "",
      seriesNumber: fit.groups.length,
      lineAlone: true,
      points: noPoints,
      lines: linesOf(line, style, chosen, fit.table),
      bands: bandsOf(line, style, chosen.line),
    },
  ];
}

type Chosen = Pick<Figure, "axes" | "seriesLooks"> & Lined;

function content(fit: FigureFit, style: Style, chosen: Chosen) {
  const { axes } = chosen;
  const { headings, decimalMark } = style;
  const ys = plottedUp(fit);
  return {
    x: axis([fit.x.quantity], axes.x, decimalMark),
    y: axis(ys, axes.y, decimalMark),
    series: [
      ...fit.groups.map((one, place) => seriesSpecification(one, place, fit, chosen, style)),
      ...overAll(fit, chosen, style),
    ],
    style: { headings, decimalMark },
  };
}

const hasBars = remembered(({ groups }: FigureFit): boolean =>
  groups.some(({ points: { xBars, yBars } }) =>
    [xBars.up, xBars.down, yBars.up, yBars.down].some((bars) => bars.some((bar) => bar > 0)),
  ),
);

/** What a figure shows, in words: how many readings, which lines and curves, what bars and strip say. */
const shownInWords = rememberedWords(
  (
    fit: FigureFit,
    line: Figure["line"],
    curves: Figure["curves"],
    bars: Figure["look"]["bars"],
    lines: number,
    roles: string,
  ): string => {
    const drawn = new Set(roles.split(" "));
    const weighted = line.weights === "none" ? "no" : "yes";
    const names = [
      ...(drawn.has("best") ? [figureTexts.best({ weighted, lines })] : []),
      ...(drawn.has("steepest") ? [figureTexts.steepest({ lines })] : []),
      ...(drawn.has("shallowest") ? [figureTexts.shallowest({ lines })] : []),
    ];
    return figureTexts.shown({
      count: fit.groups.reduce((sum, { points }) => sum + points.rows.length, 0),
      lines: names.length === 0 ? 0 : lines,
      names: inList(names),
      curves: Object.values(curves).filter((curve) => curve.shown).length,
      bars: bars === "none" || !hasBars(fit) ? "no" : "yes",
      strip: line.strip === "none" ? "no" : "yes",
    });
  },
);

/** The title of a figure; the same object as long as it says the same. */
const titleOf = rememberedWords((fit: FigureFit, typed: string) =>
  figureTitle(typed, fit.x.quantity, plottedUp(fit)),
);

/** The caption with its number: the typed words, or the title and what the figure shows. */
const captionOf = rememberedWords(
  (title: RunText, typed: string, shown: string, number: number): RunText => {
    const words: RunText = typed
      ? [{ text: typed }]
      : withRuns({ title, shown: [{ text: shown }] }, figureTexts.caption);
    return [{ text: `${figureTexts.number({ number })}. ` }, ...words];
  },
);

/** The caption of a figure with the lines of these series. */
function captionWith(
  { line, curves, look, caption }: Figure,
  number: number,
  fit: FigureFit,
  series: readonly SeriesSpecification[],
  title: RunText,
): RunText {
  const lines = series.filter((one) => one.lines.length > 0).length;
  const roles = [...new Set(series.flatMap((one) => one.lines.map(({ role }) => role)))].join(" ");
  const shown = shownInWords(fit, line, curves, look.bars, lines, roles);
  return captionOf(title, caption.trim(), shown, number);
}

/** The whole figure at its printed size, titled, with its numbered caption, in the language of the house rules. */
export const figureSpecification = (
  figure: Figure,
  number: number,
  fit: FigureFit,
  style: Style,
): FigureSpecification => inItsLanguage(style, () => specified(figure, number, fit, style));

function specified(
  figure: Figure,
  number: number,
  fit: FigureFit,
  style: Style,
): FigureSpecification {
  const labels = inOrder(figure.labels).map(([id, { text, x, y, toX, toY }]) => ({
    id,
    text,
    x,
    y,
    ...(toX !== undefined && toY !== undefined && { to: { x: toX, y: toY } }),
  }));
  const drawn = content(fit, style, figure);
  const title = titleOf(fit, figure.title);
  const letters = figureLetters(figure.look);
  const triangle = triangleOf(fit, figure, style);
  const strip = stripOf(fit, figure, style);
  return {
    ...figureSize(figure.look),
    ...(letters && { letters }),
    ...drawn,
    title,
    caption: captionWith(figure, number, fit, drawn.series, title),
    look: lookOf(figure.look),
    labels,
    ...(figure.legend && { legend: figure.legend }),
    ...(triangle && { triangle }),
    ...(strip && { strip }),
  };
}

const plainChoice: Chosen = {
  axes: { x: plainAxis, y: plainAxis },
  seriesLooks: {},
  line: { ...plainLine, steepest: false, shallowest: false },
  equation: false,
  equations: {},
  straightedges: {},
  triangle: null,
};

function bare(fit: FigureFit, style: Style) {
  const { x, y, series, style: written } = content(fit, style, plainChoice);
  return {
    series,
    style: written,
    look: lookOf(plainLook),
    labels: [],
    x: { ...x, name: "" },
    y: { ...y, name: "" },
  };
}

/** Points and bars without title or line, for the margin beside the readings. */
export function firstLookSpecification(fit: FigureFit, style: Style): FigureSpecification {
  const { series, ...rest } = bare(fit, style);
  return { ...small, ...rest, series: series.map((one) => ({ ...one, lines: [], bands: [] })) };
}

/** The figure no larger than a stamp, with its lines, for the shelf. */
export function thumbnailSpecification(fit: FigureFit, style: Style): FigureSpecification {
  return { ...thumb, ...bare(fit, style) };
}
