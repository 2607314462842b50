import { type OfInvestigation, received } from "@/app/investigationRoute";
import { keepPart } from "@/server/investigations/editParts";
import { readPart } from "@/server/investigations/editSchema";

const reading = { read: readPart, needs: () => "edit" as const };

/** Keeps one part of an edit that is too long for one request, until a save names it. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return received(request, context, reading, async ({ id, personId }, part) => {
    await keepPart(id, personId, part);
    return Response.json({ kept: part.part });
  });
}
