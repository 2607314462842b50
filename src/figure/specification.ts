import type { RunText } from "@/core/unit/runText";

/** What one axis is to say: "overhang, L / m". */
export interface AxisSpecification {
  readonly name: string;
  readonly symbol: RunText;
  readonly unit: RunText;
}

/** Lengths of bars up (or right) and down (or left); 0 where there is none. */
export interface BarsSpecification {
  readonly up: ArrayLike<number>;
  readonly down: ArrayLike<number>;
}

/** Readings as points with their bars, in the axes' units. */
export interface PointsSpecification {
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly xBars: BarsSpecification;
  readonly yBars: BarsSpecification;
  /** Points that are set aside: on the paper, hollow, without bars. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

/** y = slope · x + intercept, in the axes' units. */
export interface LineSpecification {
  readonly slope: number;
  readonly intercept: number;
}

/** Points that share a marker, and their lines. */
export interface SeriesSpecification {
  /** "" where the points belong to no series and there is none. */
  readonly name: string;
  /** Which marker and colour it has, counted from 0. */
  readonly place: number;
  readonly points: PointsSpecification;
  readonly lines: readonly LineSpecification[];
}

/** How units and numbers are written: "L / m" or "L (m)", 0.5 or 0,5. */
export interface StyleSpecification {
  readonly headings: "slash" | "brackets";
  readonly decimalMark: "point" | "comma";
}

/** All that a figure shows, before anything has a place. Lengths in points (1/72 inch). */
export interface FigureSpecification {
  readonly width: number;
  readonly height: number;
  /** Size of the tick labels; the other texts follow it. */
  readonly textSize: number;
  /** Absent in the small figure of the margin. */
  readonly title?: RunText;
  readonly x: AxisSpecification;
  readonly y: AxisSpecification;
  /** One at least; several have markers of their own and a legend. */
  readonly series: readonly SeriesSpecification[];
  readonly style: StyleSpecification;
}

/** How many points a figure shows, those set aside apart. */
export function pointCount(figure: FigureSpecification): { taking: number; aside: number } {
  return figure.series.reduce(
    ({ taking, aside }, { points }) => ({
      taking: taking + points.x.length,
      aside: aside + points.aside.x.length,
    }),
    { taking: 0, aside: 0 },
  );
}
