import { levelFactor, levelFor } from "@/core/recording/pyramid";
import { type Outline, outlineColumns, outlineOf } from "@/core/recording/outline";
import type { RecordingDescription } from "@/investigation/model/recording";
import type { GrowingTrace } from "./growingTrace";

/** Some readings one behind the other, from a number on. */
export interface SomeReadings {
  readonly first: number;
  readonly values: ArrayLike<number>;
}

/** What a trace is drawn from: its readings, or least and greatest of them for each column of the screen. */
export interface TraceSource {
  /** How many readings of each channel there are. */
  readonly count: number;
  /** Readings from one number to before another; undefined while they are not here. */
  readonly readings: (channel: number, from: number, to: number) => SomeReadings | undefined;
  /** Least and greatest for so many columns, two numbers each, NaN where there is nothing. */
  readonly columns: (channel: number, from: number, to: number, columns: number) => Float32Array;
}

/** Least and greatest of so many readings behind each pair; of single readings (behind 1) they are the same. */
export interface Layer {
  readonly behind: number;
  readonly length: number;
  readonly least: (at: number) => number;
  readonly greatest: (at: number) => number;
}

export const layerOfPairs = (pairs: Float32Array, behind: number): Layer => ({
  behind,
  length: pairs.length / 2,
  least: (at) => pairs[2 * at] as number,
  greatest: (at) => pairs[2 * at + 1] as number,
});

export const layerOfReadings = (values: ArrayLike<number>): Layer => ({
  behind: 1,
  length: values.length,
  least: (at) => values[at] as number,
  greatest: (at) => values[at] as number,
});

/**
 * Least and greatest of a layer for each of some columns between two readings.
 * @param offset the number of the reading with which the layer begins.
 */
export function gathered(
  layer: Layer,
  [from, to]: readonly [number, number],
  columns: number,
  offset = 0,
): Float32Array {
  const all = new Float32Array(2 * columns).fill(NaN);
  const wide = (to - from) / columns;
  const first = Math.max(0, Math.floor((from - offset) / layer.behind));
  const last = Math.min(layer.length - 1, Math.floor((to - offset) / layer.behind));
  for (let i = first; i <= last; i++) {
    const [least, greatest] = [layer.least(i), layer.greatest(i)];
    if (Number.isNaN(least)) continue;
    const begins = Math.floor((offset + i * layer.behind - from) / wide);
    const ends = Math.floor((offset + (i + 1) * layer.behind - 1 - from) / wide);
    for (let at = Math.max(0, begins); at <= Math.min(columns - 1, Math.max(begins, ends)); at++) {
      if (!(least >= (all[2 * at] as number))) all[2 * at] = least;
      if (!(greatest <= (all[2 * at + 1] as number))) all[2 * at + 1] = greatest;
    }
  }
  return all;
}

/** The trace of each channel in short; of events their moments, as far as they can be told apart. */
export function outlineOfSource(source: TraceSource, { tells, channels }: RecordingDescription): Outline[] {
  if (tells === "events") {
    const moments = Array.from(source.readings(0, 0, source.count)?.values ?? []);
    const every = Math.max(1, Math.ceil(moments.length / outlineColumns));
    const some = moments.filter((_time, i) => i % every === 0);
    return [outlineOf(Float32Array.from(some.flatMap((time) => [time, time])))];
  }
  return channels.map((_channel, at) => outlineOf(source.columns(at, 0, source.count, outlineColumns)));
} // prettier-ignore

/** Columns that were found last: the same are asked for by what paints, and by what lies over the paint. */
export class LastColumns {
  private readonly found = new Map<string, Float32Array>();

  /** @param key all that the columns rest on. */
  of(key: string, find: () => Float32Array): Float32Array {
    const known = this.found.get(key);
    if (known) return known;
    const columns = find();
    const [oldest] = this.found.size < keptColumns ? [] : this.found.keys();
    if (oldest !== undefined) this.found.delete(oldest);
    this.found.set(key, columns);
    return columns;
  }

  forget(): void {
    this.found.clear();
  }
}

const keptColumns = 8;

/** A recording that is in this page, whether it still grows or not. */
export class GrownSource implements TraceSource {
  private readonly last = new LastColumns();

  constructor(private readonly trace: GrowingTrace) {}

  get count(): number {
    return this.trace.count;
  }

  readings(channel: number, from: number, to: number): SomeReadings | undefined {
    const first = Math.max(0, from);
    const end = Math.min(this.count, to);
    const values = this.trace.channels[channel]?.between(first, Math.max(first, end));
    return values && { first, values };
  }

  columns(channel: number, from: number, to: number, columns: number): Float32Array {
    const key = [this.count, channel, from, to, columns].join();
    return this.last.of(key, () => this.found(channel, from, to, columns));
  }

  private found(channel: number, from: number, to: number, columns: number): Float32Array {
    const level = levelFor(to - from, columns);
    const levels = this.trace.channels[channel]?.levels;
    if (level >= 0 && levels) {
      const pairs = levels.level(level);
      return gathered(layerOfPairs(pairs, levelFactor ** (level + 1)), [from, to], columns);
    }
    const some = this.readings(channel, Math.floor(from), Math.ceil(to));
    return gathered(layerOfReadings(some?.values ?? []), [from, to], columns, some?.first);
  }
}
