import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";

/** The document of an investigation as it stands now. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id }) => {
    const { document, revision } = await loadInvestigation(id);
    return Response.json({ document, revision }, { headers: unkept });
  });
}
