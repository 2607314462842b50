import { nanoid } from "nanoid";
import { keepRecording } from "@/investigation/acts/keepRecording";
import { limits } from "@/investigation/model/limits";
import { recordingLimits } from "@/protocol/recordings";
import { outlineColumns, outlineOf } from "@/core/recording/outline";
import { loggerProblems } from "@/wording/loggers";
import { doAct } from "../store/investigationStore";
import type { FileRecording } from "./loggerFile";
import { gathered, layerOfReadings } from "./traceSource";
import type { RecordingsDesk } from "./RecordingsDesk";

/** Some readings of all channels, one channel behind the other, as they travel. */
function packed(channels: readonly Float32Array[], from: number, to: number): Float32Array<ArrayBuffer> {
  const all = new Float32Array((to - from) * channels.length);
  channels.forEach((channel, at) => all.set(channel.subarray(from, to), at * (to - from)));
  return all;
} // prettier-ignore

interface Sending {
  readonly name: string;
  readonly onProgress: (part: number) => void;
  readonly signal: AbortSignal;
}

/** Brings one recording of a file to the server; why it could not be, or undefined. */
async function sendOne(
  desk: RecordingsDesk,
  { how, channels }: FileRecording,
  { name, onProgress, signal }: Sending,
): Promise<string | undefined> {
  if (Object.keys(desk.recordings).length >= limits.recordings) return loggerProblems.tooMany;
  const id = nanoid(10);
  const door = desk.door.doorOf(id, how);
  const readings = channels[0]?.length ?? 0;
  for (let from = 0; from < readings; from += recordingLimits.atOnce) {
    if (signal.aborted) return "";
    const to = Math.min(readings, from + recordingLimits.atOnce);
    const sent = await door.send(from, packed(channels, from, to));
    if (sent === "gone") return loggerProblems.tooMany;
    if (sent === "away" || sent < to) return loggerProblems.away;
    onProgress(to / readings);
  }
  if ((await door.stop()) !== "stopped") return loggerProblems.away;
  const outline = channels.map((values) =>
    outlineOf(gathered(layerOfReadings(values), [0, readings], outlineColumns)),
  );
  const begunAt = new Date().toISOString();
  doAct(desk.store, keepRecording, { id, name, how, readings, begunAt, outline });
  desk.take(id);
  return undefined;
}

/** Brings the recordings of a file to the server and into the investigation; how many came in, and why no more. */
export async function sendRecordings(
  desk: RecordingsDesk,
  recordings: readonly FileRecording[],
  sending: Sending,
): Promise<{ readonly count: number; readonly problem: string | undefined }> {
  let count = 0;
  for (const recording of recordings) {
    const problem = await sendOne(desk, recording, sending);
    if (problem !== undefined) return { count, problem };
    count += 1;
  }
  return { count, problem: undefined };
}
