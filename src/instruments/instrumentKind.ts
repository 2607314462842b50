import type { ChannelNature } from "@/core/recording/channelNature";
import type { Apparatus } from "./apparatus/apparatus";

/** One thing that an instrument tells. */
export interface InstrumentChannel {
  readonly key: string;
  readonly name: string;
  readonly symbol: string;
  readonly unit: string;
  /** Which course of the apparatus it follows. */
  readonly course: string;
  /** As its data sheet says, in its unit. */
  readonly nature: ChannelNature & { readonly noise: number };
  /** Beyond these it shows the nearer of them. */
  readonly least: number;
  readonly greatest: number;
  /** It may be off by so much either way until it is zeroed; 0 where that can't be, or need not be. */
  readonly unzeroed: number;
  /** It is off by so much when it is switched on, and by a third of it after so many seconds. */
  readonly warmUp: { readonly amount: number; readonly seconds: number };
}

/** A kind of bench instrument, and the apparatus on which it stands. */
export interface InstrumentKind {
  readonly key: string;
  readonly name: string;
  /** What it tells: a reading of each channel at even times, moments of events, or counts by interval. */
  readonly tells: "readings" | "events" | "counts";
  readonly channels: readonly InstrumentChannel[];
  readonly apparatus: Apparatus;
  /** Readings or intervals by the second. */
  readonly rate: { readonly least: number; readonly most: number; readonly start: number };
  /** One step of its clock, in s: events are told so finely. */
  readonly tick: number;
  /** A limit: its clock is too fast or too slow by this part. */
  readonly clock: number;
  /** Which part of the readings is lost on the way. */
  readonly lost: number;
}
