import type { Frame } from "@/figure/layout/frame";
import { visiblePlaces } from "@/figure/layout/visiblePlaces";
import { showsBars } from "@/figure/marks/errorBars";
import type {
  BarsSpecification,
  FigureSpecification,
  SeriesSpecification,
} from "@/figure/specification";

/** More points than this are more than TeX has room for; bars take room, boxes and ellipses are outlines of their own. */
const mostOf = { none: 2500, plain: 800, capped: 800, boxes: 400, ellipses: 400 } as const;

function chosen(values: ArrayLike<number>, places: readonly number[]): Float64Array {
  return Float64Array.from(places, (place) => values[place] as number);
}

const barsAt = ({ up, down }: BarsSpecification, places: readonly number[]) => ({
  up: chosen(up, places),
  down: chosen(down, places),
});

function thinnedSeries(
  series: SeriesSpecification,
  frame: Frame,
  room: number,
): SeriesSpecification {
  const { x, y, xBars, yBars, aside } = series.points;
  if (x.length <= room) return series;
  const seen = visiblePlaces(x, y, frame);
  const step = Math.ceil(seen.length / room);
  const places = seen.filter((_, at) => at % step === 0);
  const points = {
    x: chosen(x, places),
    y: chosen(y, places),
    aside,
    xBars: barsAt(xBars, places),
    yBars: barsAt(yBars, places),
  };
  return { ...series, points };
}

/** A figure with no more points than TeX has room for, spread evenly over those at places of their own, and what says so. */
export function thinned(
  figure: FigureSpecification,
  frame: Frame,
): { readonly figure: FigureSpecification; readonly comments: readonly string[] } {
  const bars = showsBars(figure) ? figure.look.bars : "none";
  const room = mostOf[bars];
  const series = figure.series.map((one) => thinnedSeries(one, frame, room));
  const comments = series.flatMap(({ points }, at) => {
    const of = figure.series[at]?.points.x.length ?? 0;
    return points.x.length < of ? [`% ${points.x.length} of ${of} points are drawn.`] : [];
  });
  return { figure: { ...figure, series, look: { ...figure.look, bars } }, comments };
}
