import { createStore, type StoreApi } from "zustand/vanilla";
import type { Stretch } from "@/core/recording/trace";
import type { ReadOffChoice } from "@/investigation/model/recording";
import type { DescribedInstrument, InstrumentEntry } from "@/protocol/instruments";
import type { StretchSaid } from "@/workers/recordings";
import type { LiveRecording } from "./liveRecording";
import type { TraceSource } from "./traceSource";

/** What is to be read off the stretch in hand. */
export type Reading = Pick<ReadOffChoice, "what" | "of" | "level" | "depth" | "moment" | "every">;

/** The recording that runs in this page. */
export interface Running {
  readonly id: string;
  readonly instrument: string;
  readonly recording: LiveRecording;
}

/** Where something read off is to go: a quantity by its id, or one that is made for it; null for no row yet. */
export interface Wish {
  readonly quantity: string | "new" | null;
  /** The row by its number from 1, as typed; empty for the next free one. */
  readonly row: string;
}

/** Where the hands are on the page of recordings. */
export interface DeskState {
  /** Whether the recordings are shown rather than the readings. */
  readonly shown: boolean;
  /** "away" while the server does not answer. */
  readonly instruments: readonly InstrumentEntry[] | "away" | undefined;
  readonly instrument: string | undefined;
  readonly described: DescribedInstrument | undefined;
  /** A sentence about the instrument; undefined where there is none. */
  readonly said: string | undefined;
  readonly running: Running | undefined;
  /** Recordings that have ended here and are not all with the server yet. */
  readonly settling: readonly Running[];
  readonly inHand: string | undefined;
  readonly channel: number;
  readonly sources: Readonly<Record<string, TraceSource | "opening" | "away" | "gone">>;
  readonly stretch: Stretch | undefined;
  /** What the lower trace shows; undefined for the stretch in hand. */
  readonly view: Stretch | undefined;
  /** The trim as it is dragged, before it is let go. */
  readonly dragged: { readonly from: number | null; readonly to: number | null } | undefined;
  readonly reading: Reading;
  readonly wish: Wish | undefined;
  readonly over: readonly string[];
  /** What the stretch says, and of which order it is the answer. */
  readonly found: StretchSaid | undefined;
  readonly working: boolean;
  /** Counts up when there is more to draw. */
  readonly drawn: number;
}

export type DeskStore = StoreApi<DeskState>;

export const plainReading: Reading = {
  what: "mean",
  of: "rising",
  level: null,
  depth: null,
  moment: null,
  every: 1,
};

export function createDeskStore(): DeskStore {
  return createStore<DeskState>()(() => ({
    shown: false,
    instruments: undefined,
    instrument: undefined,
    described: undefined,
    said: undefined,
    running: undefined,
    settling: [],
    inHand: undefined,
    channel: 0,
    sources: {},
    stretch: undefined,
    view: undefined,
    dragged: undefined,
    reading: plainReading,
    wish: undefined,
    over: [],
    found: undefined,
    working: false,
    drawn: 0,
  }));
}
