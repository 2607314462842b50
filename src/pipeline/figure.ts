import type { RunText } from "@/core/unit/runText";
import { writeSymbol } from "@/core/unit/symbolText";
import { writeUnitText } from "@/core/unit/unitText";
import type { AxisSpecification, FigureSpecification } from "@/figure/specification";
import type { Figure, Quantity } from "@/investigation/model/investigation";
import type { FigureFit } from "./fit";

/** 170 mm × 120 mm: across an A4 page between its margins. */
const printed = { width: 482, height: 340, textSize: 8 };
/** The first look in the margin. */
const small = { width: 243, height: 180, textSize: 8 };

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

function content(fit: FigureFit): Omit<FigureSpecification, "width" | "height" | "textSize"> {
  const { points, outcome } = fit;
  return {
    x: axis(points.x.quantity),
    y: axis(points.y.quantity),
    points: {
      x: points.xValues,
      y: points.yValues,
      xBars: points.xBars,
      yBars: points.yBars,
      aside: points.aside,
    },
    lines: outcome.kind === "line" ? [outcome.line] : [],
  };
}

/** The whole figure at its printed size, titled and numbered. */
export function figureSpecification(
  figure: Figure,
  number: number,
  fit: FigureFit,
): FigureSpecification {
  const { x, y } = fit.points;
  return {
    ...printed,
    ...content(fit),
    title: [{ text: `Figure ${number}. ` }, ...figureTitle(figure, x.quantity, y.quantity)],
  };
}

/** Points and bars without title or line, for the margin beside the readings. */
export function firstLookSpecification(fit: FigureFit): FigureSpecification {
  const { x, y, ...rest } = content(fit);
  return { ...small, ...rest, lines: [], x: { ...x, name: "" }, y: { ...y, name: "" } };
}
