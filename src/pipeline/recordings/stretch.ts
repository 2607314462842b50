import { type Readings, readingsWithin, type Stretch } from "@/core/recording/trace";
import type { Recording, RecordingDescription } from "@/investigation/model/recording";

/** Some readings of a recording's channel, from a number on; of events their moments, in s. */
export interface Recorded {
  readonly first: number;
  readonly values: ArrayLike<number>;
}

/** What a person chose about a recording. */
export type Chosen = Pick<Recording, "trim" | "aside">;

/** When the n-th reading was taken, in s: a count belongs to the middle of its interval. */
export function timeOf({ tells, step }: RecordingDescription, index: number): number {
  return (tells === "counts" ? index + 0.5 : index) * step;
}

/** How long a recording lasts, in s; of events until the last one. */
export function lastingOf(
  { tells, step }: RecordingDescription,
  readings: number,
  lastMoment = 0,
): number {
  if (tells === "events") return lastMoment;
  return tells === "counts" ? readings * step : Math.max(0, readings - 1) * step;
}

/** The part of a stretch that lies within the trim. */
export function withinTrim({ from, to }: Stretch, { trim }: Chosen): Stretch {
  return { from: Math.max(from, trim.from ?? -Infinity), to: Math.min(to, trim.to ?? Infinity) };
}

/** Moments of events within a stretch; what is set aside leaves a gap. */
function eventsWithin({ values }: Recorded, stretch: Stretch, aside: readonly Stretch[]): Readings {
  const within = (time: number, { from, to }: Stretch) => time >= from && time <= to;
  const kept: number[] = [];
  const gaps: number[] = [];
  let cut = false;
  for (const time of Array.from(values)) {
    if (!within(time, stretch)) continue;
    if (aside.some((one) => within(time, one))) {
      cut = true;
      continue;
    }
    if (cut && kept.length > 0) gaps.push(kept.length);
    cut = false;
    kept.push(time);
  }
  return { times: Float64Array.from(kept), values: new Float64Array(kept.length).fill(1), gaps };
}

/** The readings of a stretch that take part: within the trim, not lost and not set aside. */
export function readingsOfStretch(
  recorded: Recorded,
  how: RecordingDescription,
  chosen: Chosen,
  stretch: Stretch,
): Readings {
  const aside = Object.values(chosen.aside);
  const within = withinTrim(stretch, chosen);
  if (how.tells === "events") return eventsWithin(recorded, within, aside);
  const trace = {
    start: timeOf(how, recorded.first),
    step: how.step,
    values: recorded.values,
  };
  return readingsWithin(trace, within, aside);
}

/** The numbers of the readings that a stretch needs, the first and the one behind the last. */
export function spanOfStretch(
  how: RecordingDescription,
  readings: number,
  { from, to }: Stretch,
): { from: number; to: number } {
  if (how.tells === "events") return { from: 0, to: readings };
  const at = (time: number) => Math.min(readings, Math.max(0, Math.floor(time / how.step)));
  return { from: Math.max(0, at(from) - 1), to: Math.min(readings, at(to) + 2) };
}
