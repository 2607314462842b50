import type { EvaluatedQuantity, EvaluatedRow } from "./evaluated";
import type { EvaluatedSeries } from "./table";

/** Lengths of error bars, 0 where there is none. */
export interface BarArrays {
  readonly up: Float64Array;
  readonly down: Float64Array;
}

/** The points of one series: one for each row with a reading of both quantities. */
export interface FigurePoints {
  readonly x: EvaluatedQuantity;
  readonly y: EvaluatedQuantity;
  /** Absent for rows that belong to no series. */
  readonly series?: EvaluatedSeries;
  /** Rows without a series in a table that has some. */
  readonly loose?: true;
  /** The place of the series in its table, which gives it its marker. */
  readonly place: number;
  readonly rows: readonly EvaluatedRow[];
  readonly xValues: Float64Array;
  readonly yValues: Float64Array;
  readonly xBars: BarArrays;
  readonly yBars: BarArrays;
  /** Points of which a reading is set aside. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}
