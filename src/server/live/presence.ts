import type { Presence } from "@/protocol/presence";
import { tellPresence } from "./channel";

const gatheredFor = 400;
/** PostgreSQL takes 8000 bytes in one notice. */
const mostInNotice = 15;

const waiting = new Map<string, Map<string, Presence>>();

async function tellAll(investigationId: string): Promise<void> {
  const all = [...(waiting.get(investigationId)?.values() ?? [])];
  waiting.delete(investigationId);
  for (let at = 0; at < all.length; at += mostInNotice) {
    await tellPresence(investigationId, all.slice(at, at + mostInNotice));
  }
}

/** Tells all who follow an investigation where a window is now: two or three times a second at most, with all others that moved. */
export function gatherPresence(investigationId: string, one: Presence): void {
  const there = waiting.get(investigationId);
  if (there) {
    there.set(one.window, one);
    return;
  }
  waiting.set(investigationId, new Map([[one.window, one]]));
  setTimeout(() => void tellAll(investigationId).catch(() => {}), gatheredFor).unref();
}
