import { ofInvestigation, type OfInvestigation } from "@/app/investigationRoute";
import { savingLimits } from "@/protocol/saving";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";
import { spend } from "@/server/quotas/spending";
import { bytesOf, readBody } from "@/server/requests/readBody";

/** Takes edits and answers with everything behind the revision that the browser knows. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, async ({ id, personId }) => {
    await spend(personId, { bytes: bytesOf(request) });
    const save = readSaveRequest(await readBody(request, savingLimits.bytesOfRequest));
    await spend(personId, { edits: save.edits.length + save.refused.length });
    return Response.json(await saveEdits(id, personId, save));
  });
}
