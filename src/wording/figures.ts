import { plainRunText } from "@/core/unit/runText";
import {
  type FigureSpecification,
  pointCount,
  type SeriesSpecification,
} from "@/figure/specification";
import { figures } from "./en/figures";
import { inList } from "./language/listing";
import { worded } from "./language/worded";

const texts = worded("figures", figures);

function axisInWords({ name, symbol, unit }: FigureSpecification["x"]): string {
  const named = [name, plainRunText(symbol)].filter((part) => part !== "").join(" ");
  return unit.length > 0 ? texts.axis({ name: named, unit: plainRunText(unit) }) : named;
}

function linesInWords(series: readonly SeriesSpecification[]): string | undefined {
  const roles = new Set(series.flatMap(({ lines }) => lines.map(({ role }) => role)));
  const drawn = (["best", "steepest", "shallowest"] as const).filter((role) => roles.has(role));
  if (drawn.length === 0) return undefined;
  const names = inList(drawn.map((role) => texts.lineNames[role]));
  const several = series.filter(({ lines }) => lines.length > 0).length > 1;
  return several ? texts.lines({ names }) : texts.line({ names });
}

/** A figure told in words, for those who hear it instead of seeing it. */
export function figureDescription(figure: FigureSpecification): string {
  const { taking: count, aside } = pointCount(figure);
  const { series } = figure;
  const names = series.map(({ name }) => name).join(", ");
  const curves = (figure.curves ?? []).map(({ name }) => name).join("; ");
  const parts = [
    series.length > 1
      ? texts.pointsInSeries({ count, series: series.length, names })
      : texts.points({ count }),
    aside > 0 ? texts.aside({ count: aside }) : undefined,
    texts.axes({ up: axisInWords(figure.y), across: axisInWords(figure.x) }),
    linesInWords(series),
    curves === "" ? undefined : texts.curves({ names: curves }),
  ];
  const title = figure.title ? `${plainRunText(figure.title)}: ` : "";
  const said = parts.filter((part) => part !== undefined).join(", ");
  return `${title}${said}${figure.strip ? `; ${texts.strip}` : ""}.`;
}
