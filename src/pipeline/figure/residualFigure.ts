import type {
  AxisSpecification,
  FigureSpecification,
  SeriesLookSpecification,
  SeriesSpecification,
  StripSpecification,
} from "@/figure/specification";
import { type Figure, plainAxis, plainLook } from "@/investigation/model/figure";
import { figureTexts } from "@/wording/figureTexts";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { axis, lookOf, type Style } from "./axisOf";
import type { FigurePoints } from "../lines/figurePoints";
import type { FigureFit, SeriesFit } from "../lines/fit";
import { seriesLookOf } from "./seriesLook";
import { type Residuals, residualsOf } from "../lines/residuals";

/** The strip beside the readings' figure. */
const strip = { width: 243, height: 132, textSize: 8 };

const noBars = (length: number) => ({
  up: new Float64Array(length),
  down: new Float64Array(length),
});

/** How far each reading of a series is off its line, about a level line; counted in bars, a bar is 1 long. */
function residualSeries(
  { fitted }: SeriesFit,
  off: Residuals,
  inBars: boolean,
  own?: SeriesLookSpecification,
): SeriesSpecification {
  const points = inBars ? off.points.filter(({ bar }) => bar > 0) : off.points;
  const bars = Float64Array.from(points, ({ bar }) => (inBars ? 1 : bar));
  return {
    name: "",
    seriesNumber: fitted.seriesNumber,
    bands: [],
    ...(own && { own }),
    points: {
      x: points.map((one) => one.x),
      y: points.map(({ off: distance, bar }) => (inBars ? distance / bar : distance)),
      xBars: noBars(points.length),
      yBars: { up: bars, down: bars },
      aside: { x: [], y: [] },
    },
    lines: [{ role: "zero", slope: 0, intercept: 0 }],
  };
}

/** The axis of a strip: in the unit of y, or counted in bars. */
export function residualAxis(
  { y: { quantity } }: FigurePoints,
  style: Style,
  inBars: boolean,
): AxisSpecification {
  const y = axis([quantity], plainAxis, style.decimalMark);
  return {
    ...y,
    ...inItsLanguage(style, () =>
      inBars
        ? { label: figureTexts.offTheLineInBars }
        : { name: figureTexts.offTheLine, symbol: [] },
    ),
  };
}

/** The strip by itself, for the margin: from left to right about a level line, in the unit of y or counted in bars. */
export function residualFigure(
  one: SeriesFit,
  off: Residuals,
  style: Style,
  inBars: boolean,
): FigureSpecification {
  const x = axis([one.fitted.x.quantity], plainAxis, style.decimalMark);
  return {
    ...strip,
    x: { ...x, name: "" },
    y: residualAxis(one.fitted, style, inBars),
    series: [residualSeries(one, off, inBars)],
    style: { headings: style.headings, decimalMark: style.decimalMark },
    look: lookOf({ ...plainLook, grid: "major" }),
    labels: [],
  };
}

/** More points than anyone tells apart in a strip. */
const mostPoints = 5000;

/** The strip under a figure: every series about its own line; undefined where none is wanted or there is no line. */
export function stripOf(
  { lines }: FigureFit,
  figure: Pick<Figure, "line" | "seriesLooks">,
  style: Style,
): StripSpecification | undefined {
  const { strip: wanted } = figure.line;
  if (wanted === "none") return undefined;
  const offs = lines.flatMap((one) =>
    one.outcome.kind === "line" && one.fitted.rows.length <= mostPoints
      ? [{ one, off: residualsOf(one.fitted, one.outcome.line, style) }]
      : [],
  );
  const [first] = offs;
  if (!first) return undefined;
  const inBars = wanted === "bars" && offs.some(({ off }) => off.points.some(({ bar }) => bar > 0));
  return {
    y: residualAxis(first.one.fitted, style, inBars),
    series: offs.map(({ one, off }) =>
      residualSeries(one, off, inBars, seriesLookOf(figure, one.key)),
    ),
  };
}
