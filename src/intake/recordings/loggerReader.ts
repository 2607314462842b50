import { recordingLimits } from "@/protocol/recordings";
import { columnsIn, type LoggerHead } from "./loggerHead";
import { loggerNumber, loggerTime } from "./loggerNumber";

/** A stretch of a logger's file in which the clock goes on: one recording. */
export interface LoggedStretch {
  /** In s; empty where the file has no times. */
  readonly times: Float64Array;
  readonly channels: readonly Float32Array[];
}

/** All that a logger's file holds of the columns that were asked for. */
export interface Logged {
  /** Where the clock went back a new one begins. */
  readonly stretches: readonly LoggedStretch[];
  /** So many cells held no number: they are lost readings. */
  readonly unreadable: number;
  /** So many lines had no time: they are left out. */
  readonly withoutTime: number;
  /** Whether the file goes on where the recording is full. */
  readonly full: boolean;
}

const blockSize = 1 << 18;

/** A list of numbers that grows block by block: it never needs twice its room before its end. */
class Growing<Numbers extends Float32Array | Float64Array> {
  private readonly blocks: Numbers[] = [];
  length = 0;

  constructor(private readonly make: (length: number) => Numbers) {}

  push(value: number): void {
    const at = this.length % blockSize;
    if (at === 0) this.blocks.push(this.make(blockSize));
    (this.blocks[this.blocks.length - 1] as Numbers)[at] = value;
    this.length += 1;
  }

  /** All of them one behind the other; the list is empty from then on. */
  taken(): Numbers {
    const all = this.make(this.length);
    this.blocks.forEach((block, i) => {
      const from = i * blockSize;
      all.set(block.subarray(0, Math.min(blockSize, this.length - from)), from);
    });
    this.blocks.length = 0;
    this.length = 0;
    return all;
  }
}

const growingTimes = () => new Growing((length) => new Float64Array(length));
const growingChannel = () => new Growing((length) => new Float32Array(length));

/** Reads a logger's file piece by piece, however long it is. */
export class LoggerReader {
  private rest = "";
  private line = 0;
  private unreadable = 0;
  private withoutTime = 0;
  private rows = 0;
  private lastTime = -Infinity;
  private readonly times = growingTimes();
  private readonly channels: Growing<Float32Array>[];
  private readonly stretches: LoggedStretch[] = [];

  /** @param columns those that become channels, at most four. */
  constructor(
    private readonly head: LoggerHead,
    private readonly columns: readonly number[],
  ) {
    this.channels = columns.map(growingChannel);
  }

  /** Takes the next piece of the text; whether there is room for more. */
  push(text: string): boolean {
    const lines = (this.rest + text).split("\n");
    this.rest = lines.pop() ?? "";
    for (const line of lines) this.take(line);
    return this.rows < recordingLimits.readings;
  }

  private take(line: string): void {
    this.line += 1;
    if (this.line <= this.head.linesBefore || this.rows >= recordingLimits.readings) return;
    const parts = columnsIn(line.replace(/\r$/, ""), this.head.between);
    if (parts.every((part) => part.trim() === "")) return;
    if (this.head.timeColumn !== undefined && !this.takeTime(parts[this.head.timeColumn] ?? "")) return;
    this.columns.forEach((column, at) => {
      const value = loggerNumber(parts[column] ?? "", this.head);
      if (Number.isNaN(value)) this.unreadable += 1;
      this.channels[at]?.push(value);
    });
    this.rows += 1;
  } // prettier-ignore

  private takeTime(text: string): boolean {
    const time = loggerTime(text, this.head);
    if (Number.isNaN(time)) {
      this.withoutTime += 1;
      return false;
    }
    if (time < this.lastTime) this.endStretch();
    this.lastTime = time;
    this.times.push(time);
    return true;
  }

  private endStretch(): void {
    const channels = this.channels.map((channel) => channel.taken());
    const times = this.times.taken();
    if ((channels[0]?.length ?? 0) > 0) this.stretches.push({ times, channels });
  }

  /** The end of the file. */
  finish(): Logged {
    if (this.rest !== "") this.push("\n");
    this.endStretch();
    const { stretches, unreadable, withoutTime, rows } = this;
    return { stretches, unreadable, withoutTime, full: rows >= recordingLimits.readings };
  }
}

/** Whether times are even: every step the same but for a thousandth of it, or one unit in the last place that is told. */
export function evenStep(times: Float64Array): number | undefined {
  const count = times.length;
  if (count < 2) return undefined;
  const step = ((times[count - 1] as number) - (times[0] as number)) / (count - 1);
  if (!(step > 0)) return undefined;
  for (let i = 0; i < count; i++) {
    const due = (times[0] as number) + i * step;
    if (Math.abs((times[i] as number) - due) > 0.01 * step) return undefined;
  }
  return step;
}
