import type { Presence } from "@/protocol/presence";
import { tellPresence } from "./channel";
import { subscribersOf } from "./listener";

/** In ms: few see one another at once, a whole class a little later, as each message goes to each of them. */
const gatheredFor = { least: 200, most: 1200, forEach: 40 } as const;
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

function gatheringTime(investigationId: string): number {
  const { least, most, forEach } = gatheredFor;
  return Math.min(most, Math.max(least, forEach * subscribersOf(investigationId)));
}

/** Tells all who follow an investigation where a window is now, with all others that moved: five times a second at most. */
export function gatherPresence(investigationId: string, one: Presence): void {
  const there = waiting.get(investigationId);
  if (there) {
    there.set(one.window, one);
    return;
  }
  waiting.set(investigationId, new Map([[one.window, one]]));
  setTimeout(
    () => void tellAll(investigationId).catch(() => {}),
    gatheringTime(investigationId),
  ).unref();
}
