import { LRUCache } from "lru-cache";
import type { HeldDocument } from "./heldDocument";

/** An investigation as this process knows it. */
export interface InHand {
  readonly id: string;
  readonly revision: number;
  readonly held: HeldDocument;
  /** About how long the document is. */
  readonly letters: number;
  /** Up to which revision the row's own document goes. */
  readonly documentRevision: number;
  /** Whether that is one of the present version, to which the log's edits can be done. */
  readonly current: boolean;
  /** Whether it is a bench's: its title is its experiment's, and what the brief fixes stays. */
  readonly ofBench: boolean;
}

/** Letters of the documents that a process keeps read, all together. */
const mostLetters = 60_000_000;

const place = globalThis as { fathomRuleDocuments?: LRUCache<string, InHand> };
const documents = (place.fathomRuleDocuments ??= new LRUCache({
  maxSize: mostLetters,
  sizeCalculation: ({ letters }) => Math.max(1, letters),
}));

/**
 * An investigation as this process knew it last: others write too, and only the stored revision says whether that is the
 * newest.
 */
export function inHand(id: string): InHand | undefined {
  return documents.get(id);
}

/** Keeps what was read, or what a save led to once it is through: before that the revision could still become another's. */
export function keepInHand(state: InHand): void {
  documents.set(state.id, state);
}
