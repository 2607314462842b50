import type { Shown, Simulated } from "./simulated";

/** So many are kept until they are fetched; what comes after pushes out the oldest. */
export const memorySize = 200_000;

/** The oldest go so many at once. */
const slack = 4096;

/** A reading, count or event with its number in the recording, from 0. */
export interface Kept {
  readonly number: number;
  readonly shown: Shown;
}

/**
 * What an instrument has recorded and nobody has fetched yet. What should have come by now is made when it is asked for:
 * time is told by whoever asks.
 */
export class RecordingMemory {
  private readonly kept: Kept[] = [];
  private made = 0;
  private ahead: Shown | undefined;
  private begun: number | undefined;
  /** After so many it ends by itself; Infinity for never. */
  private wanted = Infinity;

  constructor(private readonly instrument: Simulated) {}

  get recording(): boolean {
    return this.begun !== undefined;
  }

  begin(now: number, warm: number, wanted: number, lead?: number): void {
    this.kept.length = 0;
    [this.made, this.ahead, this.begun, this.wanted] = [0, undefined, now, wanted];
    this.instrument.begin(warm, lead);
  }

  /** How long it has recorded, in s. */
  lasting(now: number): number {
    return this.begun === undefined ? 0 : now - this.begun;
  }

  /** When the last one is made, in s by the same clock; Infinity for one that goes on. */
  get endsAt(): number {
    return this.begun === undefined ? -Infinity : this.begun + this.wanted / this.instrument.rate;
  }

  /** Makes what came until now. */
  catchUp(now: number): void {
    if (this.begun === undefined) return;
    const lasting = now - this.begun;
    while (this.made < this.wanted && this.comesBy(lasting)) this.keep();
    if (this.made >= this.wanted) this.begun = undefined;
  }

  /** Whether one more has come by so many s after the beginning. */
  private comesBy(lasting: number): boolean {
    const { kind, rate } = this.instrument;
    if (kind.tells === "readings") return this.made / rate <= lasting;
    if (kind.tells === "counts") return (this.made + 1) / rate <= lasting;
    this.ahead ??= this.instrument.next();
    return (this.ahead?.[0] ?? Infinity) <= lasting;
  }

  private keep(): void {
    const shown = this.ahead ?? this.instrument.next();
    this.ahead = undefined;
    if (!shown) return;
    this.kept.push({ number: this.made, shown });
    this.made += 1;
    if (this.kept.length >= memorySize + slack) this.kept.splice(0, slack);
  }

  stop(now: number): void {
    this.catchUp(now);
    this.begun = undefined;
  }

  get waiting(): number {
    return this.kept.length;
  }

  /** The oldest so many, and they are gone. */
  take(most: number): Kept[] {
    return this.kept.splice(0, most);
  }
}
