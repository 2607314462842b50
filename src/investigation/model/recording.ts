import type { Reason } from "./reason";

/** What a recording holds: readings at even times, moments of events in s, or counts by interval. */
export const recordingKinds = ["readings", "events", "counts"] as const;
export type RecordingKind = (typeof recordingKinds)[number];

/** A channel as its instrument's data sheet describes it; amounts in its unit. */
export interface RecordedChannel {
  name: string;
  symbol: string;
  unit: string;
  /** One step of what it tells; 0 where none is known. */
  resolution: number;
  /** Standard deviation of one reading; left out where it is found from the readings. */
  noise?: number | undefined;
  /** Limits of what all readings share: of its zero, and of its scale as a part. */
  zero: number;
  scale: number;
  /** Beyond these it shows the nearer of them; left out where nothing is known. */
  least?: number | undefined;
  greatest?: number | undefined;
}

/** How something was recorded. */
export interface RecordingDescription {
  instrument: string;
  tells: RecordingKind;
  channels: RecordedChannel[];
  /** From one reading or interval to the next, in s; of events one tick of the clock. */
  step: number;
  /** A limit: the clock is too fast or too slow by this part. */
  clock: number;
}

/** The step from one reading to the next, in s, and the limit of what it is off by, as a part. */
export type Pace = Pick<RecordingDescription, "step" | "clock">;

/** A stretch of a recording that takes no part, and why. */
export interface StretchAside {
  from: number;
  to: number;
  reason: Reason;
}

/** A trace in short (core/recording/outline). */
export interface TraceOutline {
  least: number;
  greatest: number;
  pairs: string;
}

/** What an investigation says of a recording; its readings are kept for themselves, under the same id. */
export interface Recording {
  order: string;
  /** Empty means the proposed one. */
  name: string;
  how: RecordingDescription;
  /** How many readings of each channel there are. */
  readings: number;
  /** ISO 8601. */
  begunAt: string;
  /** What lies outside takes no part, in s; null where it begins or ends as recorded. */
  trim: { from: number | null; to: number | null };
  /** The moment, in s, that lies on that of others where recordings lie over one another; null as recorded. */
  event: number | null;
  aside: Record<string, StretchAside>;
  /** The trace of each channel in short, for reports. */
  outline: TraceOutline[];
}

/** What can be read off a stretch. */
export const readOffKinds = [
  ...(["mean", "value", "spread", "least", "greatest", "slope", "area"] as const),
  ...(["events", "rate", "crossing", "peak", "between"] as const),
  ...(["gap", "frequency", "decay", "strongest"] as const),
] as const;
export type ReadOffKind = (typeof readOffKinds)[number];

/** Of which happenings a gap, a moment or a number is read: crossings of a level, peaks, or troughs. */
export const happenings = ["rising", "falling", "peaks", "troughs"] as const;
export type Happening = (typeof happenings)[number];

/** What is read off a recording: the choices alone. */
export interface ReadOffChoice {
  recording: string;
  channel: number;
  what: ReadOffKind;
  /** The stretch, in s. */
  from: number;
  to: number;
  of: Happening;
  /** The moment of "value", in s; null for the middle of the stretch. */
  moment: number | null;
  /** The level that is crossed; null for the middle of peaks and troughs. */
  level: number | null;
  /** How far it goes down again between two peaks, or past a level; null for a tenth of the whole range. */
  depth: number | null;
  /** Of one after the other each (1), or every second (2): a gate sees a swing twice. */
  every: number;
  /** Of what is read off one by one the n-th, from 1. */
  nth: number;
}

/** Something read off: the choices, what came of them, and the reading that it became. */
export interface ReadOffEntry extends ReadOffChoice {
  order: string;
  /** In `unit`; null where the stretch gives none. */
  value: number | null;
  /** Standard uncertainty, and the limit that all readings share; null where no ± is stated. */
  random: number | null;
  common: number | null;
  unit: string;
  /** The row and cell that it went to, and the text that was written there; null while it went nowhere. */
  goesTo: { row: string; cell: string; text: string } | null;
}
