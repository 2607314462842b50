import { Pyramid } from "@/core/recording/pyramid";
import type { RecordedNumbers, RecordingKind } from "@/protocol/recordings";

const firstRoom = 4096;

/** The readings of one channel as they come in, with levels to draw them by. */
class GrowingChannel {
  private values: RecordedNumbers;
  readonly levels = new Pyramid();

  constructor(private readonly make: (length: number) => RecordedNumbers) {
    this.values = make(firstRoom);
  }

  push(value: number, at: number): void {
    if (at === this.values.length) {
      const larger = this.make(2 * this.values.length);
      larger.set(this.values);
      this.values = larger;
    }
    this.values[at] = value;
    this.levels.push(value);
  }

  between(from: number, to: number): RecordedNumbers {
    return this.values.subarray(from, to);
  }
}

/** A recording as it comes in, in this page. */
export class GrowingTrace {
  readonly channels: readonly GrowingChannel[];
  /** How many readings of each channel there are. */
  count = 0;
  private readonly make: (length: number) => RecordedNumbers;

  constructor(tells: RecordingKind, channels: number) {
    this.make = (length) => (tells === "events" ? new Float64Array(length) : new Float32Array(length)); // prettier-ignore
    this.channels = Array.from({ length: channels }, () => new GrowingChannel(this.make));
  }

  /** Readings from a number on, one list a channel; null for a lost one. What is missing before them is lost, what was there stays. */
  add(first: number, values: readonly (readonly (number | null)[])[]): void {
    const length = values[0]?.length ?? 0;
    while (this.count < first) this.push(() => NaN);
    for (let i = Math.max(0, this.count - first); i < length; i++) {
      this.push((channel) => values[channel]?.[i] ?? NaN);
    }
  }

  /** Readings from a number on as they travel, one channel behind the other. */
  addNumbers(first: number, numbers: RecordedNumbers): void {
    const size = numbers.length / this.channels.length;
    while (this.count < first) this.push(() => NaN);
    for (let i = Math.max(0, this.count - first); i < size; i++) {
      this.push((channel) => numbers[channel * size + i] ?? NaN);
    }
  }

  private push(valueOf: (channel: number) => number): void {
    this.channels.forEach((channel, at) => channel.push(valueOf(at), this.count));
    this.count += 1;
  }

  /** The readings from one to before another, one channel behind the other, as they travel. */
  between(from: number, to: number): RecordedNumbers {
    const all = this.make((to - from) * this.channels.length);
    this.channels.forEach((channel, at) => all.set(channel.between(from, to), at * (to - from)));
    return all;
  }
}
