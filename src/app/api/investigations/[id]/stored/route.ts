import { storedDocument } from "@/server/investigations/loadInvestigation";
import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";

/** What is stored of an investigation, as it is, for one that can't be shown. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id }) =>
    Response.json(await storedDocument(id), {
      headers: { ...unkept, "content-disposition": `attachment; filename="${id}-stored.json"` },
    }),
  );
}
