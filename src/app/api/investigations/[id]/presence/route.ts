import { ofFollowed, type OfInvestigation } from "@/app/investigationRoute";
import { sentPresence } from "@/protocol/presence";
import { gatherPresence } from "@/server/live/presence";
import { spend } from "@/server/quotas/spending";
import { readBody } from "@/server/requests/readBody";

const mostBytes = 1000;

/** Tells the others on an investigation where a window is. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return ofFollowed(request, context, async ({ id, person }) => {
    await spend(person.id, { moves: 1 });
    const { window, at } = sentPresence.validateSync(await readBody(request, mostBytes), {
      stripUnknown: true,
    });
    const { name, kind } = person;
    gatherPresence(id, { window, person: person.id, name, kind, ...(at && { at }) });
    return new Response(null, { status: 204 });
  });
}
