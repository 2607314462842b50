import { type OfInvestigation, received } from "@/app/investigationRoute";
import { type ReadSave, readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";
import { spend } from "@/server/quotas/spending";

const reading = {
  read: readSaveRequest,
  /** Who brings nothing asks for news. */
  needs: ({ edits, refused }: ReadSave) =>
    edits.length + refused.length > 0 ? ("edit" as const) : ("read" as const),
};

/** Takes edits and answers with everything behind the revision that the browser knows. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return received(request, context, reading, async ({ id, personId }, save) => {
    await spend(personId, { edits: save.edits.length + save.refused.length });
    return Response.json(await saveEdits(id, personId, save));
  });
}
