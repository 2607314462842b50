import { createStore, keys, type UseStore } from "idb-keyval";

let opened: UseStore | undefined;

/** What this device keeps of investigations. */
export function device(): UseStore {
  opened ??= createStore("fathom-rule", "investigations");
  return opened;
}

/** The keys of what is kept under a prefix. */
export async function keysFrom(prefix: string): Promise<string[]> {
  return (await keys<string>(device())).filter((key) => key.startsWith(prefix));
}
