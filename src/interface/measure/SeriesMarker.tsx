import { markerAt, markerPath } from "@/figure/layout/marker";
import { seriesColour } from "@/figure/palette";
import { svgPath } from "@/figure/render/svgPath";

/** The marker with which the points of a series are drawn. */
export function SeriesMarker({ seriesNumber, name }: { seriesNumber: number; name?: string }) {
  return (
    <svg
      viewBox="0 0 12 12"
      className="size-3 shrink-0"
      role={name ? "img" : undefined}
      aria-hidden={!name}
      aria-label={name}
    >
      {name && <title>{name}</title>}
      <path
        d={svgPath(markerPath(markerAt(seriesNumber), 6, 6, 4))}
        fill={seriesColour(seriesNumber)}
      />
    </svg>
  );
}
