import type { Pace } from "@/investigation/model/recording";

/** So many readings over so long, in s, tell the step from one to the next. */
const [tellsStep, tellsAfter] = [10, 1];

/** Readings that came so shortly after the first one, in s, had waited with it before anybody listened. */
const waitedTogether = 0.005;

/** A pause so many times as long as the longest before it, and so long in s, is one in which readings may have been lost. */
const [longerThanAny, longEnough] = [5, 0.25];

/** So late a line may bring what was printed, in s. */
const late = 0.02;

/** Readings behind a long pause, of which is not yet known whether they make up for it; times in s. */
interface Pause {
  /** When the last one before it came, the first one after it, and the newest. */
  readonly since: number;
  readonly until: number;
  came: number;
  count: number;
}

/**
 * Numbers readings that come without a time of their own by when they came: a microcontroller prints evenly, the line brings
 * them in heaps, and a page that was held up finds all that came meanwhile. Only a pause for which nothing makes up is a gap.
 */
export class SerialPace {
  private first = 0;
  /** The last reading of the first heap. */
  private begun = { time: 0, number: 0 };
  private last = 0;
  private longest = 0;
  private next = 0;
  private pause: Pause | undefined;

  /** What is known of the pace by now, from the first heap to the last reading; undefined until enough came. */
  get pace(): Pace | undefined {
    const steps = this.next - 1 - this.begun.number;
    const lasting = this.last - this.begun.time;
    if (steps < tellsStep || lasting < tellsAfter) return undefined;
    const step = lasting / steps;
    return { step, clock: (step + late) / lasting };
  }

  /**
   * Takes a reading that came at a time, in s.
   * @returns the numbers that are known by it, in the order in which the readings came: none while a pause is looked at,
   * those of all that waited once it was.
   */
  take(time: number): number[] {
    if (!this.pause && this.isLong(time)) this.pause = { since: this.last, until: time, came: time, count: 0 };
    if (!this.pause) return [this.number(time)];
    this.pause.count += 1;
    this.pause.came = time;
    return time - this.pause.until < longEnough ? [] : this.settle(this.pause);
  } // prettier-ignore

  /** The numbers of what still waits, where nothing more comes. */
  end(): number[] {
    return this.pause ? this.settle(this.pause) : [];
  }

  private isLong(time: number): boolean {
    const pause = time - this.last;
    return this.pace !== undefined && pause > Math.max(longEnough, longerThanAny * this.longest);
  }

  private number(time: number): number {
    if (this.next === 0) this.first = time;
    else this.longest = Math.max(this.longest, time - this.last);
    if (time - this.first < waitedTogether) this.begun = { time, number: this.next };
    this.last = time;
    this.next += 1;
    return this.next - 1;
  }

  private settle({ since, came, count }: Pause): number[] {
    const missing = this.pace ? Math.round((came - since) / this.pace.step) - count : 0;
    if (this.pace && missing * this.pace.step > longEnough) this.next += missing;
    const from = this.next;
    this.next += count;
    this.last = came;
    this.pause = undefined;
    return Array.from({ length: count }, (_waited, at) => from + at);
  }
}
