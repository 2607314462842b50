import { mismatchWith, versionHeader } from "@/protocol/versions";
import { savingLimits } from "@/protocol/saving";
import type { SignedIn } from "@/server/access/whoAsks";
import { spend } from "@/server/quotas/spending";
import type { AskedOf } from "@/server/doors/askedOf";
import { bytesOf, incomingOf, readBody } from "@/server/requests/readBody";
import type { Reply } from "@/server/requests/refusals";
import type { Right } from "@/protocol/rights";
import { investigationForRoute, sessionToken } from "./access";
import { answered, responseOf } from "./answers";

/** Of a sheet that is handed in nothing is taken until it comes back (RFC 4918, Locked). */
const lockedStatus = 423;

/** What Next hands to a route handler of one investigation. */
export interface OfInvestigation {
  readonly params: Promise<{ id: string }>;
}

/** Who asks, and of which investigation. */
export interface Asked {
  readonly id: string;
  readonly personId: string;
  readonly person: SignedIn;
  readonly may: ReadonlySet<Right>;
}

/** Answers for one investigation whoever has the right to it; all others hear that it is not there. */
export function ofInvestigation(
  request: Request,
  { params }: OfInvestigation,
  right: Right,
  answer: (asked: Asked) => Promise<Response>,
): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const mismatch = mismatchWith(request.headers.get(versionHeader));
    const entry = await investigationForRoute(id, right);
    if (entry.answer) return entry.answer;
    if (mismatch) return Response.json({ reason: mismatch }, { status: 409 });
    const { person, may } = entry;
    return answer({ id, personId: person.id, person, may });
  });
}

/** Answers by a door of the server, which asks by itself who may come in. */
export async function throughDoor(
  door: (asked: AskedOf) => Promise<Reply>,
  request: Request,
  { params }: OfInvestigation,
): Promise<Response> {
  const { id } = await params;
  const token = await sessionToken();
  return responseOf(await door({ id, token, incoming: incomingOf(request) }));
}

interface Reading<Sent> {
  readonly read: (body: unknown) => Sent;
  /** What is needed for what was sent. */
  readonly needs: (sent: Sent) => Right;
}

/** Answers to what was sent of one investigation, once the person's share of requests holds it. */
export function received<Sent>(
  request: Request,
  context: OfInvestigation,
  { read, needs }: Reading<Sent>,
  answer: (asked: Asked, sent: Sent) => Promise<Response>,
): Promise<Response> {
  return ofInvestigation(request, context, "read", async (asked) => {
    await spend(asked.personId, { bytes: bytesOf(request) });
    const sent = read(await readBody(request, savingLimits.bytesOfRequest));
    if (asked.may.has(needs(sent))) return answer(asked, sent);
    return new Response(null, { status: asked.may.has("take-back") ? lockedStatus : 404 });
  });
}

/** What only the person's own browser may keep, and not for long. */
export const unkept = { "cache-control": "private, no-store" };
