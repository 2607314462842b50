import type { EvaluatedQuantity, EvaluatedRow } from "../readings/evaluated";
import type { EvaluatedSeries } from "../table/table";

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
  /** Its number among the series of its table, from 0: it gives it its marker. */
  readonly seriesNumber: number;
  readonly rows: readonly EvaluatedRow[];
  readonly xValues: Float64Array;
  readonly yValues: Float64Array;
  readonly xBars: BarArrays;
  readonly yBars: BarArrays;
  /** 1 where the ± of a reading should stand and does not: its bars are 0, but nobody knows them. */
  readonly unstated: Uint8Array;
  /** Points of which a reading is set aside. */
  readonly aside: { readonly x: readonly number[]; readonly y: readonly number[] };
}

function concatenated(arrays: readonly Float64Array[]): Float64Array {
  const whole = new Float64Array(arrays.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const array of arrays) {
    whole.set(array, at);
    at += array.length;
  }
  return whole;
}

/** The points of several series as one, for a line over all of them. */
export function together(series: readonly FigurePoints[]): FigurePoints {
  const all = (of: (one: FigurePoints) => Float64Array) => concatenated(series.map(of));
  const [first] = series as [FigurePoints];
  return {
    x: first.x,
    y: first.y,
    seriesNumber: first.seriesNumber,
    rows: series.flatMap(({ rows }) => rows),
    xValues: all(({ xValues }) => xValues),
    yValues: all(({ yValues }) => yValues),
    xBars: { up: all(({ xBars }) => xBars.up), down: all(({ xBars }) => xBars.down) },
    yBars: { up: all(({ yBars }) => yBars.up), down: all(({ yBars }) => yBars.down) },
    unstated: Uint8Array.from(series.flatMap(({ unstated }) => Array.from(unstated))),
    aside: {
      x: series.flatMap(({ aside }) => aside.x),
      y: series.flatMap(({ aside }) => aside.y),
    },
  };
}
