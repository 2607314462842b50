import type { BenchTerms } from "./briefs";
import type { Presence } from "./presence";
import type { Mismatch } from "./versions";
import type { Patch } from "immer";
import type { Edit } from "@/investigation/history/change";

/** An edit as a browser sends it: with where it was made, and on which revision, so that work done at once is noticed. */
export interface SentEdit extends Edit {
  /** The newest revision that was on the screen when it was made. */
  readonly on: number;
  readonly window: string;
  readonly device: string;
}

/** A long edit, sent before in so many parts. */
export interface EditInParts {
  readonly id: string;
  readonly parts: number;
}

/** What a save sends: edits, oldest first, and the revision behind which the browser wants to know all others. */
export interface SaveRequest {
  readonly since: number;
  readonly edits: readonly (SentEdit | EditInParts)[];
}

/** One part of the text of a long edit. */
export interface PartOfEdit {
  readonly id: string;
  readonly part: number;
  readonly parts: number;
  readonly text: string;
}

/** Why an edit was not taken: what it changes is gone, it would spoil the document, or there would be too much. */
export interface Refusal {
  readonly id: string;
  readonly reason: "gone" | "invalid" | "too-large";
  readonly detail: string;
}

/** An edit as the server tells of it. */
export interface ToldEdit {
  readonly revision: number;
  readonly id: string;
  readonly act: string;
  /** Left out where the edit is the browser's own, which has them, or too long for a message. */
  readonly patches?: readonly Patch[];
  /** Whether it took the place of what somebody else had done meanwhile. */
  readonly replaces?: boolean;
}

/** The newest revision, all edits behind the one that the browser knows, and what was not taken. */
export interface SaveAnswer {
  readonly revision: number;
  readonly edits: readonly ToldEdit[];
  readonly refused: readonly Refusal[];
  /** Letters of the document, where it has grown so large that its limit is near. */
  readonly nearlyFull?: number;
}

/** What one message of the stream of others' edits says. */
export interface LiveMessage {
  readonly investigation: string;
  readonly edits: readonly ToldEdit[];
  /** Windows of others that are here, or have left. */
  readonly here?: readonly Presence[];
  /** What was given out to the bench, where that has changed. */
  readonly terms?: BenchTerms;
  /** Whether this is the last: the person may read the investigation no longer. */
  readonly ended?: boolean;
  /** Why nothing more will come: page and server are of different versions. */
  readonly mismatch?: Mismatch;
}

/** One thing that took the place of another's work that was done at the same time. */
export interface Replaced {
  readonly id: string;
  /** Whether the work of this device was replaced, or took the other's place. */
  readonly side: "lost" | "won";
  readonly path: readonly (string | number)[];
  readonly was: unknown;
  readonly stands: unknown;
  /** What puts back what was there. */
  readonly back: Patch;
  /** The name of the other one; undefined where it was the same person elsewhere. */
  readonly other?: string;
  readonly at: string;
}

/** In letters: what browser and server send one another at once, far below what a server takes for one request. */
export const savingLimits = {
  lettersAtOnce: 1_000_000,
  /** A letter takes three bytes at most. */
  bytesOfRequest: 4_000_000,
  partsOfEdit: 60,
  editsAtOnce: 2000,
  /** The device warns from the first on; the server takes nothing beyond the second. */
  lettersOfDocumentNear: 5_000_000,
  lettersOfDocument: 20_000_000,
} as const;
