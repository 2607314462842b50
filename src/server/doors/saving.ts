import { rightsOf } from "@/protocol/rights";
import { savingLimits } from "@/protocol/saving";
import { mismatchWith, versionHeader } from "@/protocol/versions";
import { admitToInvestigation } from "../access/gate";
import { followerOf } from "../live/followers";
import { readSaveRequest } from "../investigations/editSchema";
import { saveEdits } from "../investigations/saveEdits";
import { spend } from "../quotas/spending";
import { bytesOf, readBody } from "../requests/readBody";
import { type Reply, statusOf, unlessRefused } from "../requests/refusals";
import type { AskedOf } from "./askedOf";

/** Of a sheet that is handed in nothing is taken until it comes back (RFC 4918, Locked). */
const lockedStatus = 423;

async function saved({ id, token, incoming }: AskedOf): Promise<Reply> {
  const entry = await admitToInvestigation(token, id, "read");
  if (entry.kind !== "granted") return { status: statusOf[entry.kind] };
  const mismatch = mismatchWith(incoming.header(versionHeader));
  if (mismatch) return { status: 409, body: { reason: mismatch } };
  const { person, investigationId } = entry;
  const follower = followerOf(token, investigationId);
  if (follower) follower.seenAt = Date.now();
  await spend(person.id, { bytes: bytesOf(incoming) });
  const save = readSaveRequest(await readBody(incoming, savingLimits.bytesOfRequest));
  const count = save.edits.length + save.refused.length;
  const may = rightsOf[entry.standing];
  // Who brings nothing asks for news.
  if (!may.has(count > 0 ? "edit" : "read")) return { status: may.has("take-back") ? lockedStatus : 404 };
  await spend(person.id, { edits: count });
  return { status: 200, body: await saveEdits(investigationId, person.id, save) };
} // prettier-ignore

/** Takes edits of whoever may make them, and answers with everything behind the revision that the browser knows. */
export function answerSave(asked: AskedOf): Promise<Reply> {
  return unlessRefused(() => saved(asked));
}
