import { plainRunText } from "@/core/unit/runText";
import type { FigureSpecification } from "@/figure/specification";

/** A figure told in words, for those who hear it instead of seeing it. */
export function figureDescription(figure: FigureSpecification): string {
  const count = figure.points.x.length;
  const axis = ({ name, symbol, unit }: FigureSpecification["x"]) =>
    [name, plainRunText(symbol), unit.length > 0 ? `in ${plainRunText(unit)}` : ""]
      .filter((part) => part !== "")
      .join(" ");
  const title = figure.title ? `${plainRunText(figure.title)}: ` : "";
  const aside = figure.points.aside.x.length;
  const hollow = aside > 0 ? `, ${aside} more set aside` : "";
  const line = figure.lines.length > 0 ? ", with the best-fit line" : "";
  return `${title}${count} ${count === 1 ? "point" : "points"}${hollow}, ${axis(figure.y)} up against ${axis(figure.x)} across${line}.`;
}
