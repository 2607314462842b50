import * as yup from "yup";
import { ofKind } from "./ofKind";

/** What a recording holds: readings at even times, moments of events in s, or counts by interval. */
export const recordingKinds = ["readings", "events", "counts"] as const;
export type RecordingKind = (typeof recordingKinds)[number];

/** A channel as its instrument's data sheet describes it; amounts in its unit. */
export interface RecordedChannel {
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
  /** One step of what it tells; 0 where none is known. */
  readonly resolution: number;
  /** Standard deviation of one reading; left out where it is found from the readings. */
  readonly noise?: number | undefined;
  /** Limits of what all readings share: of its zero, and of its scale as a part. */
  readonly zero: number;
  readonly scale: number;
  /** Beyond these it shows the nearer of them; left out where nothing is known. */
  readonly least?: number | undefined;
  readonly greatest?: number | undefined;
}

/** How something was recorded. */
export interface RecordingDescription {
  readonly instrument: string;
  readonly tells: RecordingKind;
  readonly channels: RecordedChannel[];
  /** From one reading or interval to the next, in s; of events one tick of the clock. */
  readonly step: number;
  /** A limit: the clock is too fast or too slow by this part. */
  readonly clock: number;
}

/** A recording as those see it who may read its investigation. */
export interface RecordingEntry extends RecordingDescription {
  readonly id: string;
  /** How many readings of each channel there are. */
  readonly readings: number;
  /** ISO 8601. */
  readonly begunAt: string;
  readonly stopped: boolean;
}

/** How much one recording may hold, and how much may come at once. */
export const recordingLimits = {
  channels: 4,
  readings: 10_000_000,
  /** Of each channel, in one request. */
  atOnce: 65_536,
  ofInvestigation: 60,
} as const;

/** A change to the recordings of an investigation. */
export type RecordingChange =
  | { readonly kind: "begin"; readonly id: string; readonly description: RecordingDescription }
  | { readonly kind: "stop"; readonly id: string }
  | { readonly kind: "remove"; readonly id: string };

const word = () => yup.string().strict().max(80);
const amount = () => yup.number().strict().min(0).max(1e12);
const bound = () => yup.number().strict().min(-1e12).max(1e12).optional();

const channel: yup.ObjectSchema<RecordedChannel> = yup.object({
  name: word().defined(),
  symbol: word().defined(),
  unit: word().defined(),
  resolution: amount().required(),
  noise: amount().optional(),
  zero: amount().required(),
  scale: amount().max(1).required(),
  least: bound(),
  greatest: bound(),
});

const description: yup.ObjectSchema<RecordingDescription> = yup.object({
  instrument: word().required(),
  tells: yup.string<RecordingKind>().oneOf(recordingKinds).required(),
  channels: yup.array(channel).min(1).max(recordingLimits.channels).required(),
  step: yup.number().strict().moreThan(0).max(1e6).required(),
  clock: amount().max(1).required(),
});

const id = () =>
  yup
    .string()
    .strict()
    .matches(/^[A-Za-z0-9_-]{1,40}$/)
    .required();

const shapes = {
  begin: yup.object({ id: id(), description: description.required() }),
  stop: yup.object({ id: id() }),
  remove: yup.object({ id: id() }),
} as const;

/** A change as a browser sends it. @throws ValidationError */
export const readRecordingChange = ofKind<RecordingChange>(shapes);

/** How many bytes a number of a recording takes: moments of events need all of a double's figures. */
export const bytesOfNumber = (tells: RecordingKind): 4 | 8 => (tells === "events" ? 8 : 4);

/** The numbers of a recording, as they travel: one channel behind the other. */
export type RecordedNumbers = Float32Array<ArrayBuffer> | Float64Array<ArrayBuffer>;

/** Numbers from the bytes in which they travel (little-endian). */
export function numbersOf(tells: RecordingKind, bytes: ArrayBuffer): RecordedNumbers {
  return tells === "events" ? new Float64Array(bytes) : new Float32Array(bytes);
}
