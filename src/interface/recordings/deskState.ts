import { createStore, type StoreApi } from "zustand/vanilla";
import type { Stretch } from "@/core/recording/trace";
import type { ReadOffChoice, RecordingDescription } from "@/investigation/model/recording";
import { canBeRead } from "@/investigation/recordings/readOffUnit";
import type { DescribedInstrument, InstrumentEntry, InstrumentReply } from "@/protocol/instruments";
import { instrumentWords } from "@/wording/instruments";
import type { StretchSaid } from "@/workers/recordings";
import type { LiveRecording } from "./liveRecording";
import type { TraceSource } from "./traceSource";

/** What is to be read off the stretch in hand. */
export type Reading = Pick<
  ReadOffChoice,
  "what" | "of" | "level" | "depth" | "moment" | "every" | "nth"
>;

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
  /** Whether a person chose what is read off; until then it is what the stretch suggests. */
  readonly chosen: boolean;
  readonly wish: Wish | undefined;
  readonly over: readonly string[];
  /** What the stretch says, and of which order it is the answer. */
  readonly found: StretchSaid | undefined;
  readonly foundOf: Reading | undefined;
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
  nth: 1,
};

/** What is read off a recording as long as nobody chose. */
const usually = { readings: "mean", events: "gap", counts: "rate" } as const;

/** What is to be read off another recording: the same as off the last one, where it can be, but found anew. */
export function readingFor(
  how: RecordingDescription | undefined,
  { reading, chosen }: Pick<DeskState, "reading" | "chosen">,
): Pick<DeskState, "reading" | "chosen"> {
  if (!chosen || !how || !canBeRead(how, reading.what)) {
    return { chosen: false, reading: { ...plainReading, what: usually[how?.tells ?? "readings"] } };
  }
  return { chosen, reading: { ...reading, level: null, depth: null, moment: null, nth: 1 } };
}

/** A stretch that goes to and fro so often suggests its period. */
const swings = 3;

/** What a stretch suggests to read off it; of a kind that suggests nothing what is usual. */
export function suggested(how: RecordingDescription, { counts }: StretchSaid): Reading["what"] {
  if (how.tells === "readings" && counts.rising >= swings) return "gap";
  return usually[how.tells];
}

/** What is to be read off, without where. */
export const readingOf = ({ what, of, level, depth, moment, every, nth }: Reading): Reading => ({
  what,
  of,
  level,
  depth,
  moment,
  every,
  nth,
});

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
    chosen: false,
    wish: undefined,
    over: [],
    found: undefined,
    foundOf: undefined,
    working: false,
    drawn: 0,
  }));
}

/** A record without one of its entries. */
export const without = <Item>(record: Readonly<Record<string, Item>>, id: string) =>
  Object.fromEntries(Object.entries(record).filter(([key]) => key !== id));

/** What an instrument's answer says against what was asked; undefined where it did it. */
export function saidAgainst(reply: InstrumentReply | undefined): string | undefined {
  if (!reply) return instrumentWords.away;
  if (reply.kind === "refused") return instrumentWords.refused({ said: reply.said });
  return reply.kind === "ended" ? instrumentWords.why[reply.why] : undefined;
}
