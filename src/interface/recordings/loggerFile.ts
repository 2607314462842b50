import { recordingsTexts } from "@/wording/recordingsTexts";
import { proxy, wrap } from "comlink";
import { understandUnit } from "@/core/unit/understandUnit";
import { decoderFor } from "@/intake/decodeText";
import { readHeading } from "@/intake/heading";
import { proposedSymbol } from "@/intake/freeSymbol";
import { channelColumns, type LoggerHead, readLoggerHead } from "@/intake/recordings/loggerHead";
import type { RecordedChannel, RecordingDescription } from "@/investigation/model/recording";
import { recordingLimits } from "@/protocol/recordings";
import type { Loggers, ReadLogger } from "@/workers/loggers";
import { loggerProblems } from "@/wording/loggers";

/** A column that can become a channel. */
export interface LoggerColumn {
  readonly column: number;
  readonly channel: RecordedChannel;
}

/** A logger's file as far as its beginning tells, or a sound. */
export type LoggerFile =
  | {
      readonly kind: "text";
      readonly file: File;
      readonly head: LoggerHead;
      readonly columns: readonly LoggerColumn[];
      /** One of its times in s; undefined for one without times. */
      readonly secondsIn: number | undefined;
    }
  | { readonly kind: "sound"; readonly file: File };

/** So much of a file is looked at first, and so much is taken at all, in bytes. */
const [firstLook, mostBytes] = [1 << 18, 500 * 1_048_576];

/** Nothing is known of a channel but what its heading says. */
const plainChannel = (heading: string, at: number): RecordedChannel => {
  const { name, symbol, unit } = readHeading(heading);
  return {
    name: (name || symbol || `channel ${at + 1}`).slice(0, 80),
    symbol: (symbol || proposedSymbol(name)).slice(0, 80),
    unit: unit.slice(0, 80),
    resolution: 0,
    zero: 0,
    scale: 0,
  };
};

/** One of a column's times in s, by the unit in its heading. */
function secondsOf(heading: string): number {
  const unit = understandUnit(readHeading(heading).unit || "s");
  const isTime = unit.kind === "unit" && unit.unit.dimension.every((power, i) => power === (i === 2 ? 1 : 0)); // prettier-ignore
  return isTime ? unit.unit.factor : 1;
}

/** Opens a file as far as its beginning tells; a sentence where it is none of a logger. */
export async function openLoggerFile(file: File): Promise<LoggerFile | { readonly problem: string }> {
  if (file.size > mostBytes) return { problem: loggerProblems.tooLarge({ name: file.name }) };
  if (/\.wav$/i.test(file.name)) return { kind: "sound", file };
  const decoder = await decoderFor(file);
  const text = decoder.decode(await file.slice(0, firstLook).arrayBuffer(), { stream: true });
  const whole = file.size <= firstLook && !text.endsWith("\n") ? `${text}\n` : text;
  const head = readLoggerHead(whole);
  const columns = head ? channelColumns(whole, head) : [];
  if (!head || columns.length === 0) return { problem: loggerProblems.noReadings({ name: file.name }) };
  const { names, timeColumn } = head;
  return {
    kind: "text",
    file,
    head,
    columns: columns.map((column, at) => ({ column, channel: plainChannel(names[column] ?? "", at) })),
    secondsIn: timeColumn === undefined ? undefined : secondsOf(names[timeColumn] ?? ""),
  };
} // prettier-ignore

/** One recording of a file. */
export interface FileRecording {
  readonly how: RecordingDescription;
  readonly channels: readonly Float32Array[];
}

/** What a file gave, and what is to be said of it. */
export interface FromFile {
  readonly recordings: readonly FileRecording[];
  readonly said: readonly string[];
}

/** A file that is being read; it can be given up. */
export class FileReading {
  private readonly worker = new Worker(
    new URL("../../workers/loggers.worker.ts", import.meta.url),
    { type: "module" },
  );
  private readonly door = wrap<Loggers>(this.worker);

  giveUp(): void {
    this.worker.terminate();
  }

  /** @param step of a file without times, in s. */
  async text(
    { file, head, secondsIn }: Extract<LoggerFile, { kind: "text" }>,
    columns: readonly LoggerColumn[],
    step: number,
    onProgress: (part: number) => void,
  ): Promise<FromFile> {
    const order = { head, columns: columns.map(({ column }) => column), secondsIn: secondsIn ?? 1, step };
    const read = await this.door.read(file, order, proxy(onProgress));
    this.giveUp();
    return { recordings: ofStretches(read, file.name, columns), said: saidOf(read) };
  } // prettier-ignore

  async sound({ file }: LoggerFile): Promise<FromFile> {
    const outcome = await this.door.sound(file);
    this.giveUp();
    if (outcome.kind === "fault") {
      return { recordings: [], said: [loggerProblems.sound[outcome.fault]({ name: file.name })] };
    }
    const { rate, channels, resolution } = outcome.sound;
    const described = channels.map((_channel, at): RecordedChannel => ({
      name: channels.length === 1 ? "sound" : `sound ${at + 1}`,
      symbol: channels.length === 1 ? "s" : `s_${at + 1}`,
      unit: "",
      resolution,
      zero: 0,
      scale: 0,
    }));
    const how = { instrument: instrumentOf(file.name), tells: "readings" as const, channels: described, step: 1 / rate, clock: 0 }; // prettier-ignore
    return { recordings: [{ how, channels }], said: [] };
  }
}

const instrumentOf = (name: string) => recordingsTexts.loggerFromName({ name }).slice(0, 80);

function ofStretches(
  { stretches }: ReadLogger,
  name: string,
  columns: readonly LoggerColumn[],
): FileRecording[] {
  return stretches.flatMap((one): FileRecording[] => {
    const fits = one.kind === "even" && one.step > 0 && (one.channels[0]?.length ?? 0) > 0;
    if (!fits || (one.channels[0]?.length ?? 0) > recordingLimits.readings) return [];
    const channels = columns.map(({ channel }) => channel);
    const how = { instrument: instrumentOf(name), tells: "readings" as const, channels, step: one.step, clock: 0 }; // prettier-ignore
    return [{ how, channels: one.channels }];
  });
}

function saidOf({ stretches, unreadable, withoutTime, full }: ReadLogger): string[] {
  const uneven = stretches.filter(({ kind }) => kind === "uneven").length;
  return [
    ...(stretches.length > 1 ? [loggerProblems.clockBack({ count: stretches.length })] : []),
    ...(uneven > 0 ? [loggerProblems.uneven({ count: uneven })] : []),
    ...(unreadable > 0 ? [loggerProblems.unreadable({ count: unreadable })] : []),
    ...(withoutTime > 0 ? [loggerProblems.withoutTime({ count: withoutTime })] : []),
    ...(full ? [loggerProblems.full] : []),
  ];
}
