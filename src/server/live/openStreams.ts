import { quotas } from "../quotas/quotas";
import { QuotaExceeded } from "../quotas/spending";

interface OpenStream {
  readonly personId: string;
  readonly close: () => void;
}

const place = globalThis as { fathomRuleStreams?: Set<OpenStream> };
const open = (place.fathomRuleStreams ??= new Set());

/** Seconds after which a browser may ask again for a stream that could not be had. */
const again = 20;

/** @throws QuotaExceeded where this process holds as many streams as it may. */
export function roomForStream(): void {
  if (open.size >= quotas.streamsOfServer()) throw new QuotaExceeded("too many streams", again);
}

/**
 * Remembers how to close an event stream; an open one would keep the server alive after SIGTERM. A person's oldest
 * stream gives way to one too many: it is a browser that is gone, or that asks again.
 */
export function streamOpened(personId: string, close: () => void): () => void {
  const own = [...open].filter((one) => one.personId === personId);
  for (const one of own.slice(0, Math.max(0, own.length + 1 - quotas.streamsOfPerson()))) {
    one.close();
  }
  const stream = { personId, close };
  open.add(stream);
  return () => open.delete(stream);
}

/** How many streams this process holds. */
export const streamsOpen = (): number => open.size;

/** Closes every event stream of this process. */
export function closeStreams(): void {
  for (const { close } of [...open]) close();
}
