import { plainRunText } from "@/core/unit/runText";
import { type FigureSpecification, pointCount } from "@/figure/specification";
import { linesInWords } from "@/pipeline/figure/figure";

/** A figure told in words, for those who hear it instead of seeing it. */
export function figureDescription(figure: FigureSpecification): string {
  const { taking, aside } = pointCount(figure);
  const axis = ({ name, symbol, unit }: FigureSpecification["x"]) =>
    [name, plainRunText(symbol), unit.length > 0 ? `in ${plainRunText(unit)}` : ""]
      .filter((part) => part !== "")
      .join(" ");
  const title = figure.title ? `${plainRunText(figure.title)}: ` : "";
  const hollow = aside > 0 ? `, ${aside} more set aside` : "";
  const several = figure.series.length > 1;
  const series = several
    ? ` in ${figure.series.length} series (${figure.series.map(({ name }) => name).join(", ")})`
    : "";
  const lines = linesInWords(figure.series);
  const line = lines === "" ? "" : `,${lines}`;
  const names = (figure.curves ?? []).map(({ name }) => name);
  const curves = names.length > 0 ? `, with the fitted curve: ${names.join("; ")}` : "";
  const strip = figure.strip ? "; under it how far each point is off the line" : "";
  return `${title}${taking} ${taking === 1 ? "point" : "points"}${series}${hollow}, ${axis(figure.y)} up against ${axis(figure.x)} across${line}${curves}${strip}.`;
}
