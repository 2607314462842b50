import { decoderFor } from "@/intake/decodeText";
import { type Gridded, onEvenGrid } from "@/intake/recordings/evenGrid";
import type { LoggerHead } from "@/intake/recordings/loggerHead";
import { LoggerReader } from "@/intake/recordings/loggerReader";
import { readWav, type SoundOutcome } from "@/intake/recordings/wav";
import { transfer } from "comlink";

/** How a logger's file is to be read. */
export interface LoggerOrder {
  readonly head: LoggerHead;
  /** The columns that become channels. */
  readonly columns: readonly number[];
  /** One of the file's times in s. */
  readonly secondsIn: number;
  /** Of a file without times, in s. */
  readonly step: number;
}

/** What a file held, each stretch between two leaps of its clock for itself. */
export interface ReadLogger {
  readonly stretches: readonly Gridded[];
  readonly unreadable: number;
  readonly withoutTime: number;
  readonly full: boolean;
}

/** In bytes: so often it is said how far it is. */
const saidEvery = 1 << 22;

async function readPieces(file: Blob, reader: LoggerReader, onProgress: (part: number) => void): Promise<void> {
  const decoder = await decoderFor(file);
  const stream = file.stream().getReader();
  let [read, said] = [0, 0];
  for (;;) {
    const { done, value } = await stream.read();
    if (done) return;
    read += value.length;
    if (!reader.push(decoder.decode(value, { stream: true }))) return stream.cancel();
    if (read - said < saidEvery) continue;
    said = read;
    onProgress(read / file.size);
  }
} // prettier-ignore

/** Reads long files away from the page. */
export const loggers = {
  async read(
    file: Blob,
    { head, columns, secondsIn, step }: LoggerOrder,
    onProgress: (part: number) => void,
  ): Promise<ReadLogger> {
    const reader = new LoggerReader(head, columns);
    await readPieces(file, reader, onProgress);
    const { stretches, ...counts } = reader.finish();
    const gridded = stretches.map((one) => {
      for (let i = 0; i < one.times.length; i++)
        one.times[i] = (one.times[i] as number) * secondsIn;
      return onEvenGrid(one, step);
    });
    const buffers = gridded.flatMap((one) =>
      one.kind === "even" ? one.channels.map(({ buffer }) => buffer) : [],
    );
    return transfer({ ...counts, stretches: gridded }, buffers);
  },

  async sound(file: Blob): Promise<SoundOutcome> {
    const outcome = readWav(await file.arrayBuffer());
    if (outcome.kind !== "sound") return outcome;
    return transfer(
      outcome,
      outcome.sound.channels.map(({ buffer }) => buffer),
    );
  },
};

export type Loggers = typeof loggers;
