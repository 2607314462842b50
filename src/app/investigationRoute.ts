import { savingLimits } from "@/protocol/saving";
import { spend } from "@/server/quotas/spending";
import { bytesOf, readBody } from "@/server/requests/readBody";
import type { StoredInvestigation } from "@/server/database/models";
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
  readonly investigation: StoredInvestigation;
}

/** Answers for one investigation whoever may have it; all others hear that it is not there. */
export function ofInvestigation(
  request: Request,
  { params }: OfInvestigation,
  answer: (asked: Asked) => Promise<Response>,
): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    return answer({ id, personId: entry.personId, investigation: entry.investigation });
  });
}

/** Answers for one investigation to what was sent about it, once the person's share of requests holds it. */
export function received<Sent>(
  request: Request,
  context: OfInvestigation,
  read: (body: unknown) => Sent,
  answer: (asked: Asked, sent: Sent) => Promise<Response>,
): Promise<Response> {
  return ofInvestigation(request, context, async (asked) => {
    await spend(asked.personId, { bytes: bytesOf(request) });
    return answer(asked, read(await readBody(request, savingLimits.bytesOfRequest)));
  });
}

/** What only the person's own browser may keep, and not for long. */
export const unkept = { "cache-control": "private, no-store" };
