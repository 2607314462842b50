import type { PersonKind } from "./accounts";

/** Where a window of somebody is; undefined once it has left. */
export interface Whereabouts {
  /** The stage, "measure". */
  readonly stage: string;
  /** A cell or a block, "cell:ROW/CELL" or "block:ID"; left out where it is neither. */
  readonly place?: string;
}

/** What a window sends of itself. */
export interface SentPresence {
  readonly window: string;
  readonly at?: Whereabouts;
}

/** A window of somebody on an investigation, as the server tells of it. */
export interface Presence extends SentPresence {
  readonly person: string;
  readonly name: string;
  readonly kind: PersonKind;
}

/** In milliseconds: a window tells that it is there this often at least; one that fell silent is forgotten. */
export const presencePace = { least: 12_000, forgotten: 30_000 } as const;

const quietFor = { least: 500, most: 10_000, forEachPair: 12 } as const;

/** In milliseconds: how long a window is quiet about where it is, the longer the more windows there are: all hear of all. */
export function presenceQuiet(windows: number): number {
  const { least, most, forEachPair } = quietFor;
  return Math.min(most, Math.max(least, forEachPair * windows * windows));
}
