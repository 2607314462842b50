import { investigationForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { savingLimits } from "@/protocol/saving";
import { keepPart } from "@/server/investigations/editParts";
import { readPart } from "@/server/investigations/editSchema";
import { spend } from "@/server/quotas/spending";
import { readBody } from "@/server/requests/readBody";

interface Context {
  params: Promise<{ id: string }>;
}

/** Keeps one part of an edit that is too long for one request, until a save names it. */
export function POST(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    await spend(entry.personId, { bytes: Number(request.headers.get("content-length") ?? 0) });
    const part = readPart(await readBody(request, savingLimits.bytesOfRequest));
    await keepPart(id, entry.personId, part);
    return Response.json({ kept: part.part });
  });
}
