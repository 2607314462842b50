import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type {
  AxisSpecification,
  FigureSpecification,
  SeriesSpecification,
} from "@/figure/specification";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { Figure } from "@/investigation/model/figure";
import type { Quantity } from "@/investigation/model/quantity";
import type { FigureFit, SeriesFit } from "./fit";

/** 170 mm × 120 mm: across an A4 page between its margins. */
const printed = { width: 482, height: 340, textSize: 8 };
/** The first look in the margin. */
const small = { width: 243, height: 180, textSize: 8 };
/** Beside a title on the shelf. */
const thumb = { width: 132, height: 96, textSize: 6 };

type Style = Pick<HouseRules, "headings" | "decimalMark">;

function axis(quantity: Quantity): AxisSpecification {
  return {
    name: quantity.name.trim(),
    symbol: writeSymbol(quantity.symbol),
    unit: writeUnitText(quantity.unit),
  };
}

function calling(quantity: Quantity): RunText {
  const symbol = writeSymbol(quantity.symbol);
  return symbol.length > 0 ? symbol : [{ text: quantity.name.trim() || "unnamed" }];
}

/** "T² against L³", or the title that was typed. */
export function figureTitle(figure: Figure, x: Quantity, y: Quantity): RunText {
  if (figure.title.trim() !== "") return [{ text: figure.title.trim() }];
  return [...calling(y), { text: " against " }, ...calling(x)];
}

/** What a series is called in a legend; "" where there are none. */
export function seriesName({ points }: SeriesFit): string {
  if (points.series) return points.series.series.name.trim() || "unnamed series";
  return points.place > 0 ? "no series" : "";
}

function seriesSpecification(fit: SeriesFit): SeriesSpecification {
  const { points, outcome } = fit;
  const { xValues: x, yValues: y, xBars, yBars, aside } = points;
  return {
    name: seriesName(fit),
    place: points.place,
    points: { x, y, xBars, yBars, aside },
    lines: outcome.kind === "line" ? [outcome.line] : [],
  };
}

function content(
  fit: FigureFit,
  style: Style,
): Omit<FigureSpecification, "width" | "height" | "textSize"> {
  return {
    x: axis(fit.x.quantity),
    y: axis(fit.y.quantity),
    series: fit.groups.map(seriesSpecification),
    style,
  };
}

/** The whole figure at its printed size, titled and numbered. */
export function figureSpecification(
  figure: Figure,
  number: number,
  fit: FigureFit,
  style: Style,
): FigureSpecification {
  return {
    ...printed,
    ...content(fit, style),
    title: [{ text: `Figure ${number}. ` }, ...figureTitle(figure, fit.x.quantity, fit.y.quantity)],
  };
}

function bare(fit: FigureFit, style: Style) {
  const { x, y, series, ...rest } = content(fit, style);
  return {
    ...rest,
    series: series.map((one) => ({ ...one, lines: [] })),
    x: { ...x, name: "" },
    y: { ...y, name: "" },
  };
}

/** Points and bars without title or line, for the margin beside the readings. */
export function firstLookSpecification(fit: FigureFit, style: Style): FigureSpecification {
  return { ...small, ...bare(fit, style) };
}

/** The figure no larger than a stamp, with its lines, for the shelf. */
export function thumbnailSpecification(fit: FigureFit, style: Style): FigureSpecification {
  return { ...thumb, ...content(fit, style), ...bareAxes(fit, style) };
}

function bareAxes(fit: FigureFit, style: Style) {
  const { x, y } = bare(fit, style);
  return { x, y };
}
