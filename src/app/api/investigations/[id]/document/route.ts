import { investigationForRoute } from "@/app/access";
import { answered } from "@/app/answers";
import { loadInvestigation } from "@/server/investigations/loadInvestigation";

interface Context {
  params: Promise<{ id: string }>;
}

/** The document of an investigation as it stands now. */
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    const { document, revision } = loadInvestigation(entry.investigation);
    return Response.json(
      { document, revision },
      { headers: { "cache-control": "private, no-store" } },
    );
  });
}
