import { LRUCache } from "lru-cache";
import type { Investigation } from "@/investigation/model/investigation";

interface InHand {
  readonly revision: number;
  readonly document: Investigation;
  readonly letters: number;
}

/** Letters of the documents that a process keeps read, all together. */
const mostLetters = 60_000_000;

const place = globalThis as { fathomRuleDocuments?: LRUCache<string, InHand> };
const inHand = (place.fathomRuleDocuments ??= new LRUCache({
  maxSize: mostLetters,
  sizeCalculation: ({ letters }) => Math.max(1, letters),
}));

/**
 * An investigation as this process read it last, where that is still the revision that is stored: others write too, and
 * the stored revision, read under the row's lock, says whether they have.
 */
export function documentInHand(id: string, revision: number): Investigation | undefined {
  const found = inHand.get(id);
  return found?.revision === revision ? found.document : undefined;
}

/** Keeps what a save led to, once it is through: before that the revision could still become another's. */
export function keepInHand(id: string, state: InHand): void {
  inHand.set(id, state);
}
