import {
  differencesOver,
  everyKth,
  meansOver,
  savitzkyGolay,
  type TableReading,
} from "@/core/recording/asTable";
import { type ChannelNature, singleReading } from "@/core/recording/channelNature";
import type { ReadOff } from "@/core/recording/readOff";
import type { Readings } from "@/core/recording/trace";
import type { RecordingDescription } from "@/investigation/model/recording";
import { natureOf } from "./happened";

/** How a stretch becomes rows: every k-th reading, means over k, or the rate of change at every k-th. */
export const tableWays = ["every", "means", "differences", "savitzky-golay"] as const;
export type TableWay = (typeof tableWays)[number];

export interface TableOrder {
  readonly way: TableWay;
  /** Every k-th reading, or as many to a mean. */
  readonly every: number;
  /** The rate of change is found over so many readings, an odd number. */
  readonly through: number;
}

/** The degree of the polynomials by which readings are smoothed. */
export const smoothingDegree = 2;

/** One row: when, and what with its ±. */
export interface TableRow extends ReadOff {
  readonly time: number;
}

/** An odd number of readings, more than the degree. */
export const oddThrough = (through: number): number =>
  Math.max(smoothingDegree + 1, 2 * Math.floor(through / 2) + 1);

/**
 * The part of one reading's noise in a rate of change by Savitzky and Golay: the slope of a polynomial of degree 2 through
 * n readings is that of a straight line, so u = σ/(h √(n(n² − 1)/12)).
 */
function slopeNoise(through: number, step: number): number {
  return 1 / (step * Math.sqrt((through * (through ** 2 - 1)) / 12));
}

const nth = <Item>(items: readonly Item[], every: number): Item[] =>
  items.filter((_item, i) => i % every === 0);

function ratesBySmoothing(readings: Readings, step: number, order: TableOrder, uncertainty: number): TableReading[] {
  const through = oddThrough(order.through);
  const values = savitzkyGolay(readings, step, { through, degree: smoothingDegree, derivative: 1 });
  const half = (through - 1) / 2;
  const rows: TableReading[] = [];
  for (let i = half; i < values.length - half; i++) {
    const value = values[i] as number;
    if (Number.isNaN(value)) continue;
    rows.push({ time: readings.times[i] as number, value, uncertainty: uncertainty * slopeNoise(through, step) });
  }
  return rows;
} // prettier-ignore

function rowsOf(readings: Readings, nature: ChannelNature, step: number, order: TableOrder): TableReading[] {
  const single = singleReading(nature, readings);
  const every = Math.max(1, Math.round(order.every));
  switch (order.way) {
    case "every":
      return everyKth(readings, every, single);
    case "means":
      return meansOver(readings, every, single);
    case "differences":
      return nth(differencesOver(readings, (oddThrough(order.through) - 1) / 2, single), every);
    case "savitzky-golay":
      return nth(ratesBySmoothing(readings, step, order, single.uncertainty), every);
  }
} // prettier-ignore

/** What all rows share in a value, as a limit: a rate of change has no part of the zero, but one of the clock. */
function sharedIn({ zero, scale, clock }: ChannelNature, value: number, isRate: boolean): number {
  return isRate ? (scale + clock) * Math.abs(value) : zero + scale * Math.abs(value);
}

/** Whether rows of a way are rates of change. */
export const isRate = (way: TableWay): boolean => way === "differences" || way === "savitzky-golay";

/** A stretch of readings as rows of a table. */
export function tabled(
  readings: Readings,
  how: RecordingDescription,
  channel: number,
  order: TableOrder,
): TableRow[] {
  const nature = natureOf(how, channel);
  return rowsOf(readings, nature, how.step, order).map(({ time, value, uncertainty }) => ({
    time,
    value,
    random: uncertainty,
    common: sharedIn(nature, value, isRate(order.way)),
  }));
}

/** Counts summed over so many intervals each, at the end of which they stand; moments of events by their number. */
export function countedRows(readings: Readings, how: RecordingDescription, every: number): { time: number; value: number }[] {
  const { times, values } = readings;
  if (how.tells === "events") {
    return nth([...times], every).map((time, i) => ({ time, value: i * every + 1 }));
  }
  const rows: { time: number; value: number }[] = [];
  for (let i = 0; i + every <= values.length; i += every) {
    let value = 0;
    for (let k = i; k < i + every; k++) value += values[k] as number;
    const time = ((times[i] as number) + (times[i + every - 1] as number)) / 2;
    rows.push({ time, value });
  }
  return rows;
} // prettier-ignore
