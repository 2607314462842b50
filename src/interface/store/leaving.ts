import { nanoid } from "nanoid";
import { delMany, getMany } from "idb-keyval";
import type { Investigation } from "@/investigation/model/investigation";
import { forgetPerson, type KeptEdit, snapshotOf } from "./deviceCopy";
import { device, keysFrom } from "./deviceStore";
import type { PendingEdit } from "./documentState";
import { allJournals } from "./journal";

interface Owned {
  readonly personId: string;
  readonly edit: KeptEdit;
}

/** What of one investigation stands on this device only. */
export interface Unsent {
  readonly investigationId: string;
  /** Undefined where the device holds no copy. */
  readonly document: Investigation | undefined;
  /** Oldest first: of several at one place the last is what stands there. */
  readonly edits: readonly PendingEdit[];
}

/** Kept under "edits/ID/WINDOW/EDIT" and "aside/ID/EDIT". */
const idOf = (key: string) => key.split("/")[1] ?? "";

async function kept(prefix: string): Promise<readonly [key: string, owned: Owned][]> {
  const keys = await keysFrom(prefix);
  const found = await getMany<Owned | undefined>(keys, device());
  return found.flatMap((one, at) => (one?.edit ? [[keys[at] as string, one] as const] : [])) as never;
} // prettier-ignore

/** All that a person did which the server does not have, investigation by investigation. */
export async function unsentHere(personId: string): Promise<readonly Unsent[]> {
  const all = [...(await kept("edits/")), ...(await kept("aside/"))];
  const own = all.filter(([, one]) => one.personId === personId && !one.edit.acknowledged);
  const edits = new Map<string, PendingEdit[]>();
  const add = (id: string, edit: PendingEdit) => {
    const others = (edits.get(id) ?? []).filter((one) => one.id !== edit.id);
    edits.set(id, [...others, edit]);
  };
  for (const [key, { edit }] of own) add(idOf(key), edit);
  for (const journal of allJournals()) {
    if (journal.personId !== personId) continue;
    for (const edit of journal.edits) add(journal.investigationId, edit);
  }
  return Promise.all(
    [...edits].map(async ([investigationId, unsent]) => {
      const snapshot = await snapshotOf(investigationId);
      const oldestFirst = [...unsent].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
      return { investigationId, document: snapshot?.document, edits: oldestFirst };
    }),
  );
}

/** Leaves nothing of a person on this device but what the server does not have. */
export async function forgetAllBut(personId: string): Promise<void> {
  const acknowledged = (await kept("edits/")).filter(
    ([, one]) => one.personId === personId && one.edit.acknowledged,
  );
  await delMany(
    acknowledged.map(([key]) => key),
    device(),
  );
  await forgetPerson();
}

const channelName = "fathom-rule/session";
/** By what a window knows its own words. */
const thisWindow = nanoid(8);

/** Tells the other tabs of this browser that nobody is signed in any more. */
export function sayLeft(): void {
  if (typeof BroadcastChannel === "undefined") return;
  const channel = new BroadcastChannel(channelName);
  channel.postMessage(thisWindow);
  channel.close();
}

/** Does something once another tab has signed out; returns how to stop listening. */
export function onLeft(then: () => void): () => void {
  if (typeof BroadcastChannel === "undefined") return () => {};
  const channel = new BroadcastChannel(channelName);
  channel.onmessage = ({ data }) => {
    if (data !== thisWindow) then();
  };
  return () => channel.close();
}
