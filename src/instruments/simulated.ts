import { SeededChance } from "@/core/statistics/seededChance";
import { type Going, type Settings, startSettings } from "./apparatus/apparatus";
import type { InstrumentChannel, InstrumentKind } from "./instrumentKind";

/** What is as it is in one instrument of a kind, by its seed. */
interface Own {
  /** Of its zero once it was zeroed, and before; in the unit of the channel. */
  readonly zero: readonly number[];
  readonly unzeroed: readonly number[];
  readonly scale: readonly number[];
  readonly clock: number;
}

const within = (chance: SeededChance, limit: number) => limit * (2 * chance.uniform() - 1);

function ownOf({ channels, clock }: InstrumentKind, chance: SeededChance): Own {
  return {
    zero: channels.map(({ nature }) => within(chance, nature.zero)),
    unzeroed: channels.map(({ unzeroed }) => within(chance, unzeroed)),
    scale: channels.map(({ nature }) => within(chance, nature.scale)),
    clock: within(chance, clock),
  };
}

/** What an instrument shows in one go: a value a channel, NaN for a lost one; a count; the moment of an event, in s. */
export type Shown = readonly number[];

/** So long before it is let go a recording runs, in s, where nobody lets go by hand. */
const [shortestLead, longestLead] = [0.6, 1.6];

/** One step further from 0, so that 0.1 + 0.2 is told as 0.3. */
const toStep = (value: number, step: number) =>
  step > 0 ? Number((Math.round(value / step) * step).toPrecision(12)) : value;

/**
 * A simulated instrument on its apparatus: warm-up, drift, noise, steps, a zero that is off until it is zeroed,
 * saturation and lost readings. All of it follows from kind, seed, settings and what was asked in which order.
 */
export class Simulated {
  readonly kind: InstrumentKind;
  private own: Own;
  private chance: SeededChance;
  private going: Going;
  private settingsNow: Settings;
  private zeroed = false;
  /** Since it was switched on, in s, when the recording began. */
  private warm = 0;
  private index = 0;
  private event: number | undefined = 0;
  private released = 0;
  private perSecond: number;

  constructor(kind: InstrumentKind, seed: number) {
    this.kind = kind;
    this.chance = new SeededChance(seed);
    this.own = ownOf(kind, this.chance);
    this.settingsNow = startSettings(kind.apparatus);
    this.perSecond = kind.rate.start;
    this.going = this.started();
  }

  get settings(): Settings {
    return this.settingsNow;
  }

  /** Sets something on the apparatus, within its bounds; whether it is within. */
  set(key: string, value: number): boolean {
    const setting = this.kind.apparatus.settings.find((one) => one.key === key);
    if (!setting || !(value >= setting.least && value <= setting.greatest)) return false;
    this.settingsNow = { ...this.settingsNow, [key]: value };
    this.going = this.started();
    return true;
  }

  get rate(): number {
    return this.perSecond;
  }

  /** How many readings or intervals a second, within the bounds of the kind; whether it is within. */
  setRate(perSecond: number): boolean {
    const { least, most } = this.kind.rate;
    if (!(perSecond >= least && perSecond <= most)) return false;
    this.perSecond = perSecond;
    return true;
  }

  /** What it shows at rest is nothing from now on. */
  zero(): void {
    this.zeroed = true;
  }

  /**
   * Begins a recording. @param warm for how long it has been switched on, in s.
   * @param lead the time until the apparatus is let go, in s; undefined for one by chance.
   */
  begin(warm: number, lead?: number): void {
    this.warm = warm;
    this.index = 0;
    this.released = lead ?? shortestLead + (longestLead - shortestLead) * this.chance.uniform();
    this.going = this.started();
    this.event = this.going.nextEvent?.(0);
  }

  /** The apparatus is let go so many s after the recording began, where it was not before. */
  release(at: number): void {
    if (at < this.released) this.released = at;
  }

  private started(): Going {
    return this.kind.apparatus.going(this.settingsNow, this.chance);
  }

  /** The time of the next reading by the true clock, in s since the recording began. */
  private time(): number {
    return (this.index / this.perSecond) * (1 + this.own.clock);
  }

  /** What it shows next; undefined where no event comes any more. */
  next(): Shown | undefined {
    if (this.kind.tells === "events") return this.nextEvent();
    if (this.kind.tells === "counts") return this.nextCount();
    const time = this.time();
    this.index += 1;
    const lost = this.chance.uniform() < this.kind.lost;
    return this.kind.channels.map((channel, i) => (lost ? NaN : this.reading(channel, i, time)));
  }

  /**
   * One reading beside any recording; undefined where it tells none.
   * @param warm since it was switched on, @param since the apparatus was let go, both in s.
   */
  single(warm: number, since: number): Shown | undefined {
    if (this.kind.tells !== "readings") return undefined;
    const time = this.released + since;
    return this.kind.channels.map((channel, i) => this.reading(channel, i, time, warm - time));
  }

  private reading(channel: InstrumentChannel, i: number, time: number, warm = this.warm): number {
    const { nature, warmUp, least, greatest, course } = channel;
    const truth = this.going.courses[course]?.(time - this.released) ?? NaN;
    const zero =
      (this.own.zero[i] as number) + (this.zeroed ? 0 : (this.own.unzeroed[i] as number));
    const warming = warmUp.amount * Math.exp(-(warm + time) / warmUp.seconds);
    const shown = truth * (1 + (this.own.scale[i] as number)) + zero + warming;
    const noisy = shown + nature.noise * this.chance.normal();
    return toStep(Math.min(greatest, Math.max(least, noisy)), nature.resolution);
  }

  /** A moment by the clock of the instrument, to its tick. */
  private told(time: number): number {
    return toStep(time / (1 + this.own.clock), this.kind.tick);
  }

  private nextEvent(): Shown | undefined {
    const event = this.event;
    if (event === undefined) return undefined;
    this.event = this.going.nextEvent?.(event);
    return [this.told(this.released + event)];
  }

  private nextCount(): Shown {
    this.index += 1;
    const end = this.time();
    let count = 0;
    while (this.event !== undefined && this.event < end) {
      count += 1;
      this.event = this.going.nextEvent?.(this.event);
    }
    return [count];
  }
}
