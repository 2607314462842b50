import type { SeriesLookSpecification } from "@/figure/specification";
import type { Figure } from "@/investigation/model/figure";

/** What was chosen for the look of one series of a figure; undefined where nothing was. */
export function seriesLookOf(
  { seriesLooks }: Pick<Figure, "seriesLooks">,
  key: string,
): SeriesLookSpecification | undefined {
  const chosen = seriesLooks[key];
  if (!chosen) return undefined;
  const { marker, size, colour, stroke, filled } = chosen;
  const legend = chosen.legend.trim();
  const own: SeriesLookSpecification = {
    ...(marker !== "auto" && { marker }),
    ...(size !== "auto" && { size }),
    ...(colour !== "auto" && { colour }),
    ...(stroke !== "auto" && { stroke }),
    ...(!filled && { hollow: true }),
    ...(legend !== "" && { legend }),
  };
  return Object.keys(own).length > 0 ? own : undefined;
}
