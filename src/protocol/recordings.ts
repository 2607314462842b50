import { limits } from "@/investigation/model/limits";
import type { RecordingDescription, RecordingKind } from "@/investigation/model/recording";

export { recordingKinds } from "@/investigation/model/recording";
export type {
  RecordedChannel,
  RecordingDescription,
  RecordingKind,
} from "@/investigation/model/recording";

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
  channels: limits.channels,
  readings: limits.recordedReadings,
  /** Of each channel, in one request. */
  atOnce: 65_536,
  ofInvestigation: limits.recordings,
} as const;

/** A change to the recordings of an investigation. */
export type RecordingChange =
  | { readonly kind: "begin"; readonly id: string; readonly description: RecordingDescription }
  | { readonly kind: "stop"; readonly id: string }
  | { readonly kind: "remove"; readonly id: string };

/** How many bytes a number of a recording takes: moments of events need all of a double's figures. */
export const bytesOfNumber = (tells: RecordingKind): 4 | 8 => (tells === "events" ? 8 : 4);

/** The numbers of a recording, as they travel: one channel behind the other. */
export type RecordedNumbers = Float32Array<ArrayBuffer> | Float64Array<ArrayBuffer>;

/** Numbers from the bytes in which they travel (little-endian). */
export function numbersOf(tells: RecordingKind, bytes: ArrayBuffer): RecordedNumbers {
  return tells === "events" ? new Float64Array(bytes) : new Float32Array(bytes);
}
