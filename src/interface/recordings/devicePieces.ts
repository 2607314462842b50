import { createStore, delMany, get, keys, set, type UseStore } from "idb-keyval";
import type { Recording } from "@/investigation/model/recording";
import type { RecordedNumbers } from "@/protocol/recordings";
import type { DevicePieces } from "./outbox";
import type { RecordingsDoor } from "./recordingsDoor";

let opened: UseStore | undefined;

/** What this device keeps of recordings that the server does not have yet. */
function device(): UseStore {
  opened ??= createStore("fathom-rule-recordings", "pieces");
  return opened;
}

const prefixOf = (recording: string) => `${recording}/`;

interface KeptPiece {
  readonly key: string;
  /** The number of its first reading, and of the one behind its last. */
  readonly first: number;
  readonly end: number;
}

async function piecesKept(recording: string): Promise<readonly KeptPiece[]> {
  const prefix = prefixOf(recording);
  return (await keys<string>(device()))
    .filter((key) => key.startsWith(prefix))
    .map((key) => {
      const [first = 0, end = 0] = key.slice(prefix.length).split("-").map(Number);
      return { key, first, end };
    })
    .sort((a, b) => a.first - b.first);
}

/** The pieces of one recording of so many channels on this device. */
export function devicePieces(recording: string, channels: number): DevicePieces {
  return {
    keep: (first, numbers) => {
      const end = first + numbers.length / channels;
      return set(`${prefixOf(recording)}${first}-${end}`, numbers, device());
    },
    drop: async (before) => {
      const gone = (await piecesKept(recording)).filter(({ end }) => end <= before);
      await delMany(
        gone.map(({ key }) => key),
        device(),
      );
    },
  };
}

/** A piece that waits on this device. */
export interface WaitingPiece {
  readonly first: number;
  readonly numbers: RecordedNumbers;
}

/** What of a recording waits here for the server, in its order. */
export async function piecesWaiting(recording: string): Promise<WaitingPiece[]> {
  const pieces: WaitingPiece[] = [];
  for (const { key, first } of await piecesKept(recording)) {
    const numbers = await get<RecordedNumbers>(key, device());
    if (numbers) pieces.push({ first, numbers });
  }
  return pieces;
}

/** Lets go of all that waits of a recording. */
export async function forgetPieces(recording: string): Promise<void> {
  await delMany(
    (await piecesKept(recording)).map(({ key }) => key),
    device(),
  );
}

/** Sends what an earlier page left of a recording on this device; what the server has is forgotten here. */
export async function sendWaiting(
  id: string,
  { how, readings }: Pick<Recording, "how" | "readings">,
  doors: RecordingsDoor,
): Promise<void> {
  const waiting = await piecesWaiting(id).catch(() => []);
  if (waiting.length === 0) return;
  const door = doors.doorOf(id, how);
  for (const { first, numbers } of waiting) {
    const sent = await door.send(first, numbers);
    if (sent === "away") return;
    if (sent === "gone") break;
  }
  if (readings > 0 && (await door.stop()) === "away") return;
  await forgetPieces(id);
}
