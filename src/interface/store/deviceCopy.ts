import { createStore, del, get, keys, set, type UseStore } from "idb-keyval";
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

interface KeptEdits {
  readonly personId: string;
  readonly edits: readonly KeptEdit[];
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

/** Keeps the edits of one window, or forgets them when there are none. */
export function keepEdits(
  id: string,
  windowId: string,
  personId: string,
  edits: readonly KeptEdit[],
): Promise<void> {
  const key = editsPrefix(id) + windowId;
  return edits.length === 0 ? del(key, device()) : set(key, { personId, edits }, device());
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
  const adopted: string[] = [];
  const edits: PendingEdit[] = [];
  for (const key of found) {
    const kept = await get<KeptEdits>(key, device());
    if (kept?.personId !== personId || !(await isLeftBehind(key.slice(prefix.length)))) continue;
    adopted.push(key);
    edits.push(...kept.edits.filter(({ acknowledged }) => !(online && acknowledged)));
  }
  edits.sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
  return { edits, forget: () => Promise.all(adopted.map((key) => del(key, device()))) };
}

/** Forgets the copies that belong to somebody else: laptops are shared. */
export async function forgetCopiesOfOthers(personId: string): Promise<void> {
  for (const key of await keys<string>(device())) {
    if (!key.startsWith("copy/")) continue;
    const snapshot = await get<Snapshot>(key, device());
    if (snapshot?.personId !== personId) await del(key, device());
  }
}
