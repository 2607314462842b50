import { sgg } from "ml-savitzky-golay-generalized";
import { type SingleReading } from "./channelNature";
import type { Readings } from "./trace";

/** A reading of a recording as a row of a table. */
export interface TableReading {
  /** In s. */
  readonly time: number;
  readonly value: number;
  /** Standard uncertainty of the value for itself, in the unit of the channel. */
  readonly uncertainty: number;
}

/** Every k-th reading, from the first. */
export function everyKth({ times, values }: Readings, every: number, { uncertainty }: SingleReading): TableReading[] {
  const rows: TableReading[] = [];
  for (let i = 0; i < times.length; i += every) {
    rows.push({ time: times[i] as number, value: values[i] as number, uncertainty });
  }
  return rows;
} // prettier-ignore

/**
 * Means over k readings each, at their mean time; what is left over at the end or before a gap makes no row.
 *
 *   u² = σ²/k + the part of the resolution that stays
 */
export function meansOver({ times, values, gaps }: Readings, over: number, single: SingleReading): TableReading[] {
  const rows: TableReading[] = [];
  const uncertainty = Math.hypot(single.noise / Math.sqrt(over), single.staying);
  const breaks = new Set(gaps);
  let [count, time, value] = [0, 0, 0];
  for (let i = 0; i < times.length; i++) {
    if (breaks.has(i)) [count, time, value] = [0, 0, 0];
    time += times[i] as number;
    value += values[i] as number;
    count += 1;
    if (count < over) continue;
    rows.push({ time: time / over, value: value / over, uncertainty });
    [count, time, value] = [0, 0, 0];
  }
  return rows;
} // prettier-ignore

/**
 * The rate of change by differences over 2k + 1 readings: (yᵢ₊ₖ − yᵢ₋ₖ)/(tᵢ₊ₖ − tᵢ₋ₖ), u = σ√2/(tᵢ₊ₖ − tᵢ₋ₖ).
 * None is told within k readings of a gap or an end.
 */
export function differencesOver({ times, values, gaps }: Readings, reach: number, single: SingleReading): TableReading[] {
  const rows: TableReading[] = [];
  let gap = 0;
  for (let i = reach; i + reach < times.length; i++) {
    while ((gaps[gap] ?? Infinity) <= i - reach) gap += 1;
    if ((gaps[gap] ?? Infinity) <= i + reach) continue;
    const apart = (times[i + reach] as number) - (times[i - reach] as number);
    rows.push({
      time: times[i] as number,
      value: ((values[i + reach] as number) - (values[i - reach] as number)) / apart,
      uncertainty: (single.uncertainty * Math.SQRT2) / apart,
    });
  }
  return rows;
} // prettier-ignore

/** Readings further apart, in steps, are not even. */
const evenTo = 1.5;

/** How readings are smoothed: by a polynomial of a degree through so many of them, an odd number. */
export interface Smoothing {
  readonly through: number;
  readonly degree: number;
  /** 0 smooths, 1 gives the rate of change. */
  readonly derivative: 0 | 1;
}

/**
 * Readings smoothed, or their rate of change, by Savitzky and Golay, from one lost reading to the next; the readings stay as they are.
 * Source: Savitzky & Golay, Anal. Chem. 36 (1964) 1627; at the ends Gorry, Anal. Chem. 62 (1990) 570.
 * @param step between readings, in s. @returns as many values; NaN in a stretch that is shorter.
 */
export function savitzkyGolay({ times, values }: Readings, step: number, smoothing: Smoothing): Float64Array {
  const { through: windowSize, degree: polynomial, derivative } = smoothing;
  const smooth = new Float64Array(values.length).fill(NaN);
  const bounds = [0];
  for (let i = 1; i < times.length; i++) {
    if ((times[i] as number) - (times[i - 1] as number) > evenTo * step) bounds.push(i);
  }
  bounds.push(values.length);
  for (const [i, end] of bounds.slice(1).entries()) {
    const start = bounds[i] as number;
    if (end - start < windowSize) continue;
    smooth.set(sgg(values.subarray(start, end), step, { windowSize, polynomial, derivative }), start);
  }
  return smooth;
} // prettier-ignore
