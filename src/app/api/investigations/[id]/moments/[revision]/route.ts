import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";
import { momentOf } from "@/server/history/moments";

interface OfMoment {
  readonly params: Promise<{ id: string; revision: string }>;
}

/** An investigation as it stood after a revision. */
export function GET(request: Request, context: OfMoment): Promise<Response> {
  return ofInvestigation(request, context satisfies OfInvestigation, "read", async ({ id }) => {
    const { revision } = await context.params;
    const wanted = /^\d{1,9}$/.test(revision) ? Number(revision) : undefined;
    const moment = wanted === undefined ? undefined : await momentOf(id, wanted);
    if (!moment) return new Response(null, { status: 404 });
    return Response.json(moment, { headers: unkept });
  });
}
