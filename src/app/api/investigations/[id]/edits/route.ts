import { investigationForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { savingLimits } from "@/protocol/saving";
import { readSaveRequest } from "@/server/investigations/editSchema";
import { saveEdits } from "@/server/investigations/saveEdits";
import { spend } from "@/server/quotas/spending";
import { readBody } from "@/server/requests/readBody";

interface Context {
  params: Promise<{ id: string }>;
}

/** Takes edits and answers with everything behind the revision that the browser knows. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    const bytes = Number(request.headers.get("content-length") ?? 0);
    await spend(entry.personId, { bytes });
    const save = readSaveRequest(await readBody(request, savingLimits.bytesOfRequest));
    await spend(entry.personId, { edits: save.edits.length + save.refused.length });
    return Response.json(await saveEdits(id, entry.personId, save));
  });
}
