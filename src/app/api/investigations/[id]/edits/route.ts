import { type OfInvestigation, received } from "@/app/investigationRoute";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";
import { spend } from "@/server/quotas/spending";

/** Takes edits and answers with everything behind the revision that the browser knows. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return received(request, context, readSaveRequest, async ({ id, personId }, save) => {
    await spend(personId, { edits: save.edits.length + save.refused.length });
    return Response.json(await saveEdits(id, personId, save));
  });
}
