import { mismatchWith, versionHeader } from "@/protocol/versions";
import { savingLimits } from "@/protocol/saving";
import { spend } from "@/server/quotas/spending";
import { bytesOf, readBody } from "@/server/requests/readBody";
import type { Right } from "@/server/access/rights";
import { investigationForRoute } from "./access";
import { answered } from "./answers";

/** What Next hands to a route handler of one investigation. */
export interface OfInvestigation {
  readonly params: Promise<{ id: string }>;
}

/** Who asks, and of which investigation. */
export interface Asked {
  readonly id: string;
  readonly personId: string;
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
    return answer({ id, personId: entry.personId });
  });
}

/** Answers to changes that were sent of one investigation, once the person's share of requests holds it. */
export function received<Sent>(
  request: Request,
  context: OfInvestigation,
  read: (body: unknown) => Sent,
  answer: (asked: Asked, sent: Sent) => Promise<Response>,
): Promise<Response> {
  return ofInvestigation(request, context, "edit", async (asked) => {
    await spend(asked.personId, { bytes: bytesOf(request) });
    return answer(asked, read(await readBody(request, savingLimits.bytesOfRequest)));
  });
}

/** What only the person's own browser may keep, and not for long. */
export const unkept = { "cache-control": "private, no-store" };
