import { delMany, getMany, set } from "idb-keyval";
import { device, keysFrom } from "./deviceStore";
import type { PendingEdit } from "./documentState";

/** An edit that the server did not take, and why: it waits on the device for somebody to decide. */
export interface PutAside {
  readonly edit: PendingEdit;
  /** What it changes is gone, it would spoil the document, there would be too much, or the server stumbles over it. */
  readonly reason: "gone" | "invalid" | "too-large" | "failed";
  readonly detail: string;
}

interface Kept extends PutAside {
  readonly personId: string;
}

const prefix = (investigationId: string) => `aside/${investigationId}/`;

/** Keeps edits that were not taken. */
export async function keepAside(
  investigationId: string,
  personId: string,
  items: readonly PutAside[],
): Promise<void> {
  for (const item of items) {
    const kept: Kept = { ...item, personId };
    await set(prefix(investigationId) + item.edit.id, kept, device());
  }
}

/** What a person has put aside of an investigation on this device, oldest first. */
export async function keptAside(
  investigationId: string,
  personId: string,
): Promise<readonly PutAside[]> {
  const keys = await keysFrom(prefix(investigationId));
  const found = (await getMany<Kept | undefined>(keys, device())).filter(
    (one): one is Kept => one?.personId === personId,
  );
  return found.sort((a, b) => (a.edit.at < b.edit.at ? -1 : 1));
}

/** Forgets what was tried again with success, or let go. */
export async function forgetAside(investigationId: string, ids: readonly string[]): Promise<void> {
  const keys = ids.map((id) => prefix(investigationId) + id);
  await delMany(keys, device());
}
