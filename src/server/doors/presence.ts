import { sentPresence } from "@/protocol/presenceChecks";
import { admitToInvestigation } from "../access/gate";
import type { SignedIn } from "../access/whoAsks";
import { followerOf } from "../live/followers";
import { gatherPresence } from "../live/presence";
import { spend } from "../quotas/spending";
import { readBody } from "../requests/readBody";
import { type Reply, statusOf, unlessRefused } from "../requests/refusals";
import type { AskedOf } from "./askedOf";

const mostBytes = 1000;

async function told({ incoming }: AskedOf, id: string, person: SignedIn): Promise<Reply> {
  await spend(person.id, { moves: 1 });
  const sent = await readBody(incoming, mostBytes);
  const { window, at } = sentPresence.validateSync(sent, { stripUnknown: true });
  const { name, kind } = person;
  gatherPresence(id, { window, person: person.id, name, kind, ...(at && { at }) });
  return { status: 204 };
}

/**
 * Tells the others on an investigation where a window is. Who follows it by a stream of this process just now is let in
 * without asking the database: that stream ends with the right. All others are asked as always.
 */
export function answerPresence(asked: AskedOf): Promise<Reply> {
  const { id, token } = asked;
  return unlessRefused(async () => {
    const follower = typeof id === "string" ? followerOf(token, id) : undefined;
    if (follower) return told(asked, id as string, follower.person);
    const entry = await admitToInvestigation(token, id, "read");
    if (entry.kind !== "granted") return { status: statusOf[entry.kind] };
    return told(asked, entry.investigationId, entry.person);
  });
}
