import type { Frame } from "@/figure/layout/frame";
import type { FigureFit } from "@/pipeline/lines/fit";

/** A reading where it stands on the figure. */
export interface PlacedPoint {
  readonly row: string;
  /** Its place among the rows of the table, from 1. */
  readonly number: number;
  readonly quantity: string;
  readonly series: string;
  readonly x: number;
  readonly y: number;
  /** In points of the figure. */
  readonly across: number;
  readonly up: number;
}

/** The readings, found when they are first asked for: while an axis is dragged nobody asks. */
export function placedLater(
  fit: FigureFit | undefined,
  frame: Frame,
): () => readonly PlacedPoint[] {
  let found: readonly PlacedPoint[] | undefined;
  return () => (found ??= fit ? placedPoints(fit, frame) : []);
}

/** Every reading on the figure from left to right. */
export function placedPoints({ groups, table }: FigureFit, frame: Frame): readonly PlacedPoint[] {
  const numbers = new Map(table.rows.map(({ id }, index) => [id, index + 1]));
  const all = groups.flatMap(({ points }) =>
    points.rows.map(({ id }, index) => {
      const [x, y] = [points.xValues[index] as number, points.yValues[index] as number];
      return {
        row: id,
        number: numbers.get(id) ?? 0,
        quantity: points.y.id,
        x,
        y,
        series: points.series?.series.name ?? "",
        across: frame.across(x),
        up: frame.up(y),
      };
    }),
  );
  return all.sort((a, b) => a.across - b.across || a.up - b.up);
}

/** The reading nearest to a place, if one is near. */
export function nearest(
  points: readonly PlacedPoint[],
  place: { x: number; y: number },
  reach: number,
): number | undefined {
  let found: number | undefined;
  let least = reach;
  points.forEach(({ across, up }, index) => {
    const distance = Math.hypot(across - place.x, up - place.y);
    if (distance < least) [found, least] = [index, distance];
  });
  return found;
}

/** A rectangle drawn on the paper, in points of the figure. */
export interface Region {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export function regionOf(by: { x: number; y: number; dx: number; dy: number }): Region {
  return {
    x: Math.min(by.x, by.x + by.dx),
    y: Math.min(by.y, by.y + by.dy),
    width: Math.abs(by.dx),
    height: Math.abs(by.dy),
  };
}

/** In points of the figure: so far a region reaches beyond the readings that it was made for. */
const around = 4;

/** The region that holds readings that stand side by side. */
export function regionAround(points: readonly PlacedPoint[]): Region | undefined {
  if (points.length === 0) return undefined;
  const across = points.map((point) => point.across);
  const up = points.map((point) => point.up);
  const [x, y] = [Math.min(...across) - around, Math.min(...up) - around];
  return {
    x,
    y,
    width: Math.max(...across) + around - x,
    height: Math.max(...up) + around - y,
  };
}

/** The rows whose readings lie in a region, each once. */
export function rowsWithin(points: readonly PlacedPoint[], region: Region): readonly string[] {
  const inside = points.filter(
    ({ across, up }) =>
      across >= region.x &&
      across <= region.x + region.width &&
      up >= region.y &&
      up <= region.y + region.height,
  );
  return [...new Set(inside.map(({ row }) => row))];
}
