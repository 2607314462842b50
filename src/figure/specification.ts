import type { RunText } from "@/core/unit/runText";

/** What one axis is to say: "overhang, L / m". */
export interface AxisSpecification {
  readonly name: string;
  readonly symbol: RunText;
  readonly unit: RunText;
}

/** Readings as points with the half-lengths of their bars, in the axes' units. */
export interface PointsSpecification {
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly xBars: ArrayLike<number>;
  readonly yBars: ArrayLike<number>;
  /** Points that are set aside: on the paper, hollow, without bars. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

/** y = slope · x + intercept, in the axes' units. */
export interface LineSpecification {
  readonly slope: number;
  readonly intercept: number;
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
  readonly points: PointsSpecification;
  readonly lines: readonly LineSpecification[];
}
