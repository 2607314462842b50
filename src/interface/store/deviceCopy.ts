import { del, delMany, get, getMany, set } from "idb-keyval";
import { nanoid } from "nanoid";
import type { Investigation } from "@/investigation/model/investigation";
import type { BenchTerms } from "@/protocol/briefs";
import { device, keysFrom } from "./deviceStore";
import type { PendingEdit } from "./documentState";
import { forgetJournals, journalsOf } from "./journal";

/** What the server last said of how a sheet is held: whether it is changed here, and whether it is a bench's. */
export interface Held {
  readonly mayEdit: boolean;
  readonly readOnly: boolean;
  readonly ofBench: boolean;
  readonly terms: BenchTerms | undefined;
}

/** A copy of an investigation kept on this device, at a revision. */
export interface Snapshot {
  readonly personId: string;
  readonly revision: number;
  readonly document: Investigation;
  readonly held?: Held;
}

/** An edit on the device; an acknowledged one is there only until a copy holds it. */
export interface KeptEdit extends PendingEdit {
  readonly acknowledged?: boolean;
}

interface OwnedEdit {
  readonly personId: string;
  readonly edit: KeptEdit;
}

const snapshotKey = (id: string) => `copy/${id}`;
const rowsPrefix = (id: string) => `rows/${id}/`;
const editsPrefix = (id: string) => `edits/${id}/`;
const personKey = "fathom-rule-person";

/** Whether the person has left: no tab that is still open writes another copy. */
let forgotten = false;

/** Remembers who is signed in, so that a copy is opened only for the one whose it is. */
export function rememberPerson(personId: string): void {
  forgotten = false;
  localStorage.setItem(personKey, personId);
}

export function rememberedPerson(): string | null {
  return localStorage.getItem(personKey);
}

/** Forgets who was signed in, with every copy of an investigation. */
export async function forgetPerson(): Promise<void> {
  forgotten = true;
  localStorage.removeItem(personKey);
  await forgetCopies();
}

async function forgetCopies(): Promise<void> {
  const copies = [...(await keysFrom(snapshotKey(""))), ...(await keysFrom(rowsPrefix("").slice(0, -1)))];
  await delMany(copies, device());
} // prettier-ignore

/** So many rows are written at once: writing thousands holds the page up. */
const rowsOfAPart = 1000;

/** A copy as it is written; of a document with many rows these stand beside it, in parts. */
interface KeptSnapshot extends Snapshot {
  readonly rowsIn?: readonly string[];
}

/** Writes many rows part by part, each under a fresh key: the copy before stands until the new one names them. */
async function keepRows(id: string, rows: Investigation["rows"]): Promise<readonly string[]> {
  const entries = Object.entries(rows);
  const fresh = `${rowsPrefix(id)}${nanoid(8)}`;
  const written: string[] = [];
  for (let from = 0; from < entries.length; from += rowsOfAPart) {
    const key = `${fresh}/${from}`;
    await set(key, Object.fromEntries(entries.slice(from, from + rowsOfAPart)), device());
    written.push(key);
  }
  return written;
}

/** Keeps the copy of an investigation in place of the one before; one window after the other. */
export async function keepSnapshot(id: string, snapshot: Snapshot): Promise<void> {
  if (forgotten) return;
  const write = () => writeSnapshot(id, snapshot);
  await (navigator.locks?.request(`fathom-rule/copy/${id}`, write) ?? write());
}

async function writeSnapshot(id: string, snapshot: Snapshot): Promise<void> {
  if (forgotten) return;
  const { document } = snapshot;
  const many = Object.keys(document.rows).length > rowsOfAPart;
  const rowsIn = many ? await keepRows(id, document.rows) : [];
  const kept: KeptSnapshot = many
    ? { ...snapshot, document: { ...document, rows: {} }, rowsIn }
    : snapshot;
  const before = await get<KeptSnapshot>(snapshotKey(id), device());
  await set(snapshotKey(id), kept, device());
  if (forgotten) return forgetCopies();
  if (!many && !before?.rowsIn) return;
  const old = (await keysFrom(rowsPrefix(id))).filter((key) => !rowsIn.includes(key));
  if (old.length > 0) await delMany(old, device());
}

/** The copy of an investigation, whole; undefined where there is none. */
export async function snapshotOf(id: string): Promise<Snapshot | undefined> {
  const kept = await get<KeptSnapshot>(snapshotKey(id), device());
  if (!kept?.rowsIn) return kept;
  const { rowsIn, ...snapshot } = kept;
  const parts = await getMany<Investigation["rows"] | undefined>([...rowsIn], device());
  if (parts.some((part) => part === undefined)) return undefined;
  const rows: Investigation["rows"] = Object.assign({}, ...parts);
  return { ...snapshot, document: { ...snapshot.document, rows } };
}

/** The copy of this device, where the server can't give the document: to whom it belongs, and to nobody else. */
export async function openDeviceCopy(investigationId: string, personId: string | null) {
  const snapshot = await snapshotOf(investigationId);
  return snapshot && snapshot.personId === personId ? snapshot : undefined;
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

interface LeftBehind {
  readonly edits: readonly PendingEdit[];
  readonly forget: () => Promise<void>;
}

/** The store's edits and the journals' together: what a journal holds of an edit is newer. */
function newest(kept: readonly PendingEdit[], journaled: readonly PendingEdit[]) {
  const found = new Map([...kept, ...journaled].map((edit) => [edit.id, edit] as const));
  return [...found.values()].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/**
 * Edits of windows that closed before the server had them, and how to forget them once they are adopted. What was
 * acknowledged is left out when the document came from the server: it is in there.
 */
export async function editsLeftBehind(
  id: string,
  personId: string,
  online: boolean,
): Promise<LeftBehind> {
  const prefix = editsPrefix(id);
  const found = await keysFrom(prefix);
  const journals = journalsOf(id).filter((one) => one.personId === personId);
  const windowOf = (key: string) => key.slice(prefix.length).split("/")[0] ?? "";
  const left = new Map<string, boolean>();
  for (const windowId of new Set([...found.map(windowOf), ...journals.map((one) => one.windowId)])) {
    left.set(windowId, await isLeftBehind(windowId));
  }
  const behind = found.filter((key) => left.get(windowOf(key)));
  const owned = (await getMany<OwnedEdit | undefined>(behind, device())).map((kept, index) => ({
    kept,
    key: behind[index] as string,
  }));
  const adopted = owned.filter(({ kept }) => kept?.personId === personId);
  const kept = adopted.flatMap(({ kept: one }) =>
    one && !(online && one.edit.acknowledged) ? [one.edit as PendingEdit] : [],
  );
  const journaled = journals.filter(({ windowId }) => left.get(windowId));
  const forget = async () => {
    forgetJournals(journaled.map(({ key }) => key));
    await delMany(
      adopted.map(({ key }) => key),
      device(),
    );
  };
  return { edits: newest(kept, journaled.flatMap(({ edits }) => edits)), forget };
} // prettier-ignore

/** An investigation that this device holds. */
export interface CopyHere {
  readonly id: string;
  readonly title: string;
  /** How many changes the server has not got yet. */
  readonly waiting: number;
}

/** A person's investigations on this device, by title. */
export async function copiesOf(personId: string): Promise<readonly CopyHere[]> {
  const found: CopyHere[] = [];
  for (const key of await keysFrom(snapshotKey(""))) {
    const kept = await get<KeptSnapshot>(key, device());
    if (kept?.personId !== personId) continue;
    const id = key.slice(snapshotKey("").length);
    const edits = await getMany<OwnedEdit | undefined>(await keysFrom(editsPrefix(id)), device());
    const own = edits.flatMap((one) =>
      one?.personId === personId && !one.edit.acknowledged ? [one.edit] : [],
    );
    const journaled = journalsOf(id).flatMap((one) => (one.personId === personId ? one.edits : []));
    const waiting = newest(own, journaled).length;
    found.push({ id, title: kept.document.title.trim(), waiting });
  }
  return found.sort((a, b) => a.title.localeCompare(b.title));
}

/** Forgets the copies that belong to somebody else: laptops are shared. */
export async function forgetCopiesOfOthers(personId: string): Promise<void> {
  for (const key of await keysFrom(snapshotKey(""))) {
    const snapshot = await get<Snapshot>(key, device());
    if (snapshot?.personId === personId) continue;
    await del(key, device());
    await delMany(await keysFrom(rowsPrefix(key.slice(snapshotKey("").length))), device());
  }
}
