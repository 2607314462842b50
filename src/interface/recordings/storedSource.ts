import { levelFactor } from "@/core/recording/pyramid";
import { type RecordedNumbers, type RecordingKind, recordingLimits } from "@/protocol/recordings";
import { GrowingTrace } from "./growingTrace";
import type { RecordingsDoor } from "./recordingsDoor";
import {
  gathered,
  GrownSource,
  layerOfPairs,
  LastColumns,
  layerOfReadings,
  type SomeReadings,
  type TraceSource,
} from "./traceSource";

const { atOnce } = recordingLimits;
/** A recording of up to so many readings of each channel is brought into the page whole. */
const wholeUpTo = 4 * atOnce;
/** The level of the whole by which longer ones are drawn, and how many readings lie behind each of its pairs. */
const overview = 2;
const behindOverview = levelFactor ** (overview + 1);
/** So many blocks of readings are kept in the page. */
const mostBlocks = 24;

interface Stored {
  readonly id: string;
  readonly tells: RecordingKind;
  readonly channels: number;
  readonly count: number;
}

/** A recording that is too long for the page: a level of all of it, and the readings of what is looked at. */
class LongSource implements TraceSource {
  private readonly last = new LastColumns();
  private readonly blocks = new Map<number, RecordedNumbers | "asked">();

  constructor(
    private readonly of: Stored,
    private readonly door: RecordingsDoor,
    private readonly level: Float32Array,
    private readonly onMore: () => void,
  ) {}

  get count(): number {
    return this.of.count;
  }

  /** Asks for a block; it is there some time later. */
  private want(at: number): void {
    if (this.blocks.has(at)) return;
    this.blocks.set(at, "asked");
    void this.fetched(at).then(() => this.onMore());
  }

  private async fetched(at: number): Promise<RecordedNumbers | undefined> {
    const { id, tells } = this.of;
    const found = await this.door.readings(id, tells, at * atOnce, (at + 1) * atOnce);
    if (!found) {
      this.blocks.delete(at);
      return undefined;
    }
    this.blocks.set(at, found);
    this.last.forget();
    while (this.blocks.size > mostBlocks) {
      const [oldest] = this.blocks.keys();
      this.blocks.delete(oldest as number);
    }
    return found;
  }

  private channelOf(numbers: RecordedNumbers, channel: number) {
    const size = numbers.length / this.of.channels;
    return numbers.subarray(channel * size, (channel + 1) * size);
  }

  readings(channel: number, from: number, to: number): SomeReadings | undefined {
    const [first, end] = [Math.max(0, from), Math.min(this.count, to)];
    const values = new Float32Array(Math.max(0, end - first));
    let complete = true;
    for (let at = Math.floor(first / atOnce); at * atOnce < end; at++) {
      const block = this.blocks.get(at);
      if (block === undefined) this.want(at);
      if (block === undefined || block === "asked") {
        complete = false;
        continue;
      }
      const part = this.channelOf(block, channel);
      const begins = Math.max(first, at * atOnce);
      const ends = Math.min(end, (at + 1) * atOnce);
      values.set(part.subarray(begins - at * atOnce, ends - at * atOnce), begins - first);
    }
    return complete ? { first, values } : undefined;
  }

  columns(channel: number, from: number, to: number, columns: number): Float32Array {
    const key = [channel, from, to, columns].join();
    return this.last.of(key, () => this.found(channel, from, to, columns));
  }

  private found(channel: number, from: number, to: number, columns: number): Float32Array {
    if ((to - from) / columns < behindOverview) {
      const some = this.readings(channel, Math.floor(from), Math.ceil(to));
      if (some) return gathered(layerOfReadings(some.values), [from, to], columns, some.first);
    }
    const size = this.level.length / this.of.channels;
    const pairs = this.level.subarray(channel * size, (channel + 1) * size);
    return gathered(layerOfPairs(pairs, behindOverview), [from, to], columns);
  }
}

/** All readings of a recording that fits into the page. */
async function whole(of: Stored, door: RecordingsDoor): Promise<TraceSource | undefined> {
  const trace = new GrowingTrace(of.tells, of.channels);
  for (let from = 0; from < of.count; from += atOnce) {
    const numbers = await door.readings(of.id, of.tells, from, from + atOnce);
    if (!numbers) return undefined;
    trace.addNumbers(from, numbers);
  }
  return new GrownSource(trace);
}

/** Opens a recording that the server has; undefined where it can't be had now. @param onMore called when there is more to draw. */
export async function openStored(
  of: Stored,
  door: RecordingsDoor,
  onMore: () => void,
): Promise<TraceSource | undefined> {
  if (of.count <= wholeUpTo || of.tells === "events") return whole(of, door);
  const level = await door.level(of.id, overview);
  return level && new LongSource(of, door, level, onMore);
}

/** The readings of one channel from one number to before another, wherever they are; undefined where they can't be had now. */
export async function readingsFor(
  source: TraceSource,
  of: Stored,
  door: RecordingsDoor,
  { channel, from, to }: { channel: number; from: number; to: number },
): Promise<SomeReadings | undefined> {
  if (source instanceof GrownSource || to - from <= atOnce) {
    const here = source.readings(channel, from, to);
    if (here) return here;
  }
  const values = new Float32Array(to - from);
  for (let at = from; at < to; at += atOnce) {
    const end = Math.min(to, at + atOnce);
    const numbers = await door.readings(of.id, of.tells, at, end);
    if (!numbers) return undefined;
    const size = numbers.length / of.channels;
    values.set(numbers.subarray(channel * size, (channel + 1) * size), at - from);
  }
  return { first: from, values };
}
