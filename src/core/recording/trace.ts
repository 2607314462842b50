/** Readings of one channel against time. */
export interface Trace {
  /** Of the first reading, in s. */
  readonly start: number;
  /** From one reading to the next, in s. */
  readonly step: number;
  /** The time of each reading where they are not even, in s, never going back. */
  readonly clock?: ArrayLike<number>;
  /** In the unit of the channel; NaN where a reading was lost. */
  readonly values: ArrayLike<number>;
}

/** From one time to another, both in s and both counted in. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** The readings of a stretch that count, one beside the other. */
export interface Readings {
  /** In s. */
  readonly times: Float64Array;
  readonly values: Float64Array;
  /** Which of them come after a gap: more was lost before it than can be bridged, or it was set aside. In rising order, never 0. */
  readonly gaps: readonly number[];
}

/** The time of a reading, in s. */
export function timeAt({ start, step, clock }: Trace, index: number): number {
  return clock ? (clock[index] as number) : start + index * step;
}

/** The first reading at a time or after it. */
function firstFrom(trace: Trace, time: number): number {
  let [low, high] = [0, trace.values.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (timeAt(trace, middle) < time) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The first reading after a time. */
function firstAfter(trace: Trace, time: number): number {
  let index = firstFrom(trace, time);
  while (index < trace.values.length && timeAt(trace, index) <= time) index++;
  return index;
}

/** So far apart, in steps, readings are still taken for neighbours: three may be lost between them. */
const farApart = 4.5;

/**
 * The readings within a stretch, but those that were lost or lie in a stretch that is set aside.
 * A few that were lost are bridged. What changes across a gap was not seen, so nothing is found there.
 */
export function readingsWithin(
  trace: Trace,
  stretch: Stretch,
  aside: readonly Stretch[] = [],
): Readings {
  const [first, end] = [firstFrom(trace, stretch.from), firstAfter(trace, stretch.to)];
  const size = Math.max(0, end - first);
  const [times, values] = [new Float64Array(size), new Float64Array(size)];
  const gaps: number[] = [];
  let [count, before, cut] = [0, 0, false];
  for (let i = first; i < end; i++) {
    const value = trace.values[i] as number;
    const time = timeAt(trace, i);
    if (aside.some(({ from, to }) => time >= from && time <= to)) {
      cut = true;
      continue;
    }
    if (!Number.isFinite(value)) continue;
    if (count > 0 && (cut || (time - before) / trace.step > farApart)) gaps.push(count);
    [before, cut] = [time, false];
    times[count] = time;
    values[count] = value;
    count += 1;
  }
  return { times: times.subarray(0, count), values: values.subarray(0, count), gaps };
}
