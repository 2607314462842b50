import { createStore, del, delMany, get, getMany, keys, set, type UseStore } from "idb-keyval";
import type { Investigation } from "@/investigation/model/investigation";
import type { PendingEdit } from "./documentState";

/** A copy of an investigation kept on this device, at a revision. */
export interface Snapshot {
  readonly personId: string;
  readonly revision: number;
  readonly document: Investigation;
}

/** An edit on the device; an acknowledged one is there only until a copy holds it. */
export interface KeptEdit extends PendingEdit {
  readonly acknowledged?: boolean;
}

interface OwnedEdit {
  readonly personId: string;
  readonly edit: KeptEdit;
}

let opened: UseStore | undefined;

function device(): UseStore {
  opened ??= createStore("fathom-rule", "investigations");
  return opened;
}

const snapshotKey = (id: string) => `copy/${id}`;
const editsPrefix = (id: string) => `edits/${id}/`;
const personKey = "fathom-rule-person";

/** Remembers who is signed in, so that a copy is opened only for the one whose it is. */
export function rememberPerson(personId: string): void {
  localStorage.setItem(personKey, personId);
}

export function rememberedPerson(): string | null {
  return localStorage.getItem(personKey);
}

export function keepSnapshot(id: string, snapshot: Snapshot): Promise<void> {
  return set(snapshotKey(id), snapshot, device());
}

export function snapshotOf(id: string): Promise<Snapshot | undefined> {
  return get<Snapshot>(snapshotKey(id), device());
}

/** Writes the edits of one window that are new or changed, and forgets those that are done with. */
export async function keepEdits(
  place: { readonly id: string; readonly windowId: string; readonly personId: string },
  changed: readonly KeptEdit[],
  gone: readonly string[],
): Promise<void> {
  const prefix = `${editsPrefix(place.id)}${place.windowId}/`;
  const { personId } = place;
  const entries = changed.map((edit): [string, OwnedEdit] => [
    prefix + edit.id,
    { personId, edit },
  ]);
  for (const [key, edit] of entries) await set(key, edit, device());
  const done = gone.map((edit) => prefix + edit);
  if (done.length > 0) await delMany(done, device());
}

/** Holds a lock while this window keeps the investigation open, so that others see that its edits are not left behind; returns how to let go. */
export function holdWindow(windowId: string): () => void {
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  void navigator.locks?.request(`fathom-rule/${windowId}`, () => held);
  return release;
}

async function isLeftBehind(windowId: string): Promise<boolean> {
  if (!navigator.locks) return true;
  return navigator.locks.request(
    `fathom-rule/${windowId}`,
    { ifAvailable: true },
    async (lock) => lock !== null,
  );
}

/**
 * Edits of windows that closed before the server had them, and how to forget them once they are adopted. What was
 * acknowledged is left out when the document came from the server: it is in there.
 */
export async function editsLeftBehind(id: string, personId: string, online: boolean) {
  const prefix = editsPrefix(id);
  const found = (await keys<string>(device())).filter((key) => key.startsWith(prefix));
  const windowOf = (key: string) => key.slice(prefix.length).split("/")[0] ?? "";
  const left = new Map<string, boolean>();
  for (const windowId of new Set(found.map(windowOf))) {
    left.set(windowId, await isLeftBehind(windowId));
  }
  const behind = found.filter((key) => left.get(windowOf(key)));
  const owned = (await getMany<OwnedEdit | undefined>(behind, device())).map((kept, index) => ({
    kept,
    key: behind[index] as string,
  }));
  const adopted = owned.filter(({ kept }) => kept?.personId === personId);
  const edits = adopted.flatMap(({ kept }) =>
    kept && !(online && kept.edit.acknowledged) ? [kept.edit as PendingEdit] : [],
  );
  edits.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  const forget = () =>
    delMany(
      adopted.map(({ key }) => key),
      device(),
    );
  return { edits, forget };
}

/** Forgets the copies that belong to somebody else: laptops are shared. */
export async function forgetCopiesOfOthers(personId: string): Promise<void> {
  for (const key of await keys<string>(device())) {
    if (!key.startsWith("copy/")) continue;
    const snapshot = await get<Snapshot>(key, device());
    if (snapshot?.personId !== personId) await del(key, device());
  }
}
