import type { PendingEdit } from "./documentState";

/**
 * The newest keys, written at once and in full before the next thing happens: what the device's store writes takes a
 * moment, in which a tab may be closed. Each window holds here what that store does not have yet.
 */
export interface Journal {
  readonly personId: string;
  readonly edits: readonly PendingEdit[];
}

interface Where {
  readonly investigationId: string;
  readonly windowId: string;
}

const prefix = (investigationId: string) => `fathom-rule-journal/${investigationId}/`;
const keyOf = ({ investigationId, windowId }: Where) => prefix(investigationId) + windowId;

/** Longer ones take too long to be written between two keys; they wait for the device's store. */
const longest = 100_000;

function storage(): Storage | undefined {
  return typeof localStorage === "undefined" ? undefined : localStorage;
}

/**
 * Writes what the device's store does not have yet; nothing stands where it has all.
 * @returns whether the journal holds it now. A full storage leaves the device's store, which says so where it is full too.
 */
export function writeJournal(where: Where, { personId, edits }: Journal): boolean {
  const area = storage();
  if (!area) return false;
  try {
    if (edits.length === 0) {
      area.removeItem(keyOf(where));
      return true;
    }
    const text = JSON.stringify({ personId, edits } satisfies Journal);
    if (text.length > longest) return false;
    area.setItem(keyOf(where), text);
    return true;
  } catch {
    return false;
  }
}

function journalKeys(start: string): readonly string[] {
  const area = storage();
  if (!area) return [];
  return Array.from({ length: area.length ?? 0 }, (_, at) => area.key(at) ?? "").filter((key) =>
    key.startsWith(start),
  );
}

/** The journals of windows of an investigation, with the keys under which they stand. */
export function journalsOf(
  investigationId: string,
): readonly (Where & Journal & { readonly key: string })[] {
  return journalKeys(prefix(investigationId)).flatMap((key) => {
    try {
      const journal = JSON.parse(storage()?.getItem(key) ?? "") as Journal;
      const windowId = key.slice(prefix(investigationId).length);
      return [{ ...journal, investigationId, windowId, key }];
    } catch {
      return [];
    }
  });
}

/** All journals of this device. */
export function allJournals() {
  const ids = new Set(journalKeys(prefix("").slice(0, -1)).map((key) => key.split("/")[1] ?? ""));
  return [...ids].flatMap(journalsOf);
}

/** Forgets journals whose edits stand elsewhere by now. */
export function forgetJournals(keys: readonly string[]): void {
  for (const key of keys) storage()?.removeItem(key);
}
