import { ofInvestigation, type OfInvestigation } from "@/app/investigationRoute";
import { savingLimits } from "@/protocol/saving";
import { keepPart } from "@/server/investigations/editParts";
import { readPart } from "@/server/investigations/editSchema";
import { spend } from "@/server/quotas/spending";
import { bytesOf, readBody } from "@/server/requests/readBody";

/** Keeps one part of an edit that is too long for one request, until a save names it. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, async ({ id, personId }) => {
    await spend(personId, { bytes: bytesOf(request) });
    const part = readPart(await readBody(request, savingLimits.bytesOfRequest));
    await keepPart(id, personId, part);
    return Response.json({ kept: part.part });
  });
}
