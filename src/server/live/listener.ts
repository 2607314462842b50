import { Client } from "pg";
import type { Presence } from "@/protocol/presence";
import { liveChannel, type News, signedOutKey } from "./channel";
import { editsMessage } from "./liveMessage";

/** What came: windows that moved, new edits, or that rights may have changed. */
export type Notice =
  | { readonly kind: "here"; readonly here: readonly Presence[] }
  | { readonly kind: "edits"; readonly news?: LiveNews }
  /** The teacher's words have changed. */
  | { readonly kind: "terms" }
  | { readonly kind: "rights" }
  /** What a key of its own stands for has changed. */
  | { readonly kind: "changed" };

/** Edits with the revision that they follow, as one event for all streams that wait for just these. */
export interface LiveNews {
  readonly before: number;
  readonly revision: number;
  readonly text: string;
}

type Subscriber = (notice: Notice) => void;

interface Told {
  readonly key?: string;
  readonly investigationId?: string;
  readonly personId?: string;
  readonly here?: readonly Presence[];
  readonly rights?: boolean;
  readonly terms?: boolean;
  readonly news?: News;
}

function newsOf(investigationId: string, { before, edits }: News): LiveNews {
  const revision = edits.at(-1)?.revision ?? before;
  return { before, revision, text: editsMessage(investigationId, edits) };
}

function noticeOf({ key, here, terms, rights, personId, news, investigationId }: Told): Notice {
  if (news && investigationId !== undefined) {
    return { kind: "edits", news: newsOf(investigationId, news) };
  }
  if (key !== undefined) return { kind: "changed" };
  if (here) return { kind: "here", here };
  if (terms) return { kind: "terms" };
  return { kind: rights || personId !== undefined ? "rights" : "edits" };
}

interface Listening {
  readonly subscribers: Map<string, Set<Subscriber>>;
  client?: Client;
  connecting: boolean;
}

const place = globalThis as { fathomRuleListening?: Listening };
const listening: Listening = (place.fathomRuleListening ??= {
  subscribers: new Map(),
  connecting: false,
});
const retryAfter = 1000;
/** Who changes the page is back at once. */
const keptFor = 30_000;

function wake(subscribers: Iterable<Subscriber> | undefined, notice: Notice): void {
  for (const subscriber of subscribers ?? []) subscriber(notice);
}

function wakeAll(): void {
  for (const subscribers of listening.subscribers.values()) wake(subscribers, { kind: "rights" });
}

function lost(client: Client): void {
  if (listening.client === client) listening.client = undefined;
  client.removeAllListeners();
  client.on("error", () => undefined);
  void client.end().catch(() => undefined);
  setTimeout(() => void connect(), retryAfter).unref();
}

/** A pool that gives out connections for a transaction alone can't listen: then PostgreSQL itself is named apart. */
const listenUrl = () => process.env.DATABASE_LISTEN_URL?.trim() || process.env.DATABASE_URL;

/** Keeps one LISTEN connection while anybody is subscribed; after a gap all look for what they missed. */
async function connect(): Promise<void> {
  if (listening.client || listening.connecting || listening.subscribers.size === 0) return;
  listening.connecting = true;
  const client = new Client({ connectionString: listenUrl() });
  client.on("error", () => lost(client));
  client.on("end", () => lost(client));
  client.on("notification", ({ payload }) => {
    const told = JSON.parse(payload ?? "{}") as Told;
    const person = told.personId === undefined ? undefined : signedOutKey(told.personId);
    const key = told.key ?? person ?? told.investigationId ?? "";
    const subscribers = listening.subscribers.get(key);
    if (subscribers) wake(subscribers, noticeOf(told));
  });
  try {
    await client.connect();
    await client.query(`listen ${liveChannel}`);
    listening.client = client;
    wakeAll();
  } catch {
    lost(client);
  } finally {
    listening.connecting = false;
  }
}

/** Nobody is subscribed any more: the connection is let go. */
function letGoIfAlone(): void {
  if (listening.subscribers.size === 0) void stopListening();
}

/**
 * Calls back whenever an investigation has a new revision or its rights have changed, or a person was signed out.
 * @param key an investigation's id, or one of the keys of `channel.ts`. @returns how to stop.
 */
export function subscribe(key: string, subscriber: Subscriber): () => void {
  const subscribers = listening.subscribers.get(key) ?? new Set();
  listening.subscribers.set(key, subscribers.add(subscriber));
  void connect();
  return () => {
    subscribers.delete(subscriber);
    if (subscribers.size === 0) listening.subscribers.delete(key);
    if (listening.subscribers.size === 0) setTimeout(letGoIfAlone, keptFor).unref();
  };
}

/** How many of this process are called back for a key. */
export function subscribersOf(key: string): number {
  return listening.subscribers.get(key)?.size ?? 0;
}

/** Ends the LISTEN connection. */
export async function stopListening(): Promise<void> {
  listening.subscribers.clear();
  const { client } = listening;
  listening.client = undefined;
  client?.removeAllListeners();
  await client?.end();
}
