import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";

/** What is stored of an investigation, as it is, for one that can't be shown. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, async ({ id, investigation }) =>
    Response.json(investigation.document, {
      headers: { ...unkept, "content-disposition": `attachment; filename="${id}-stored.json"` },
    }),
  );
}
