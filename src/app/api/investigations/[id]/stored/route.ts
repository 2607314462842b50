import { investigationForRoute } from "@/app/access";
import { answered } from "@/app/answers";

interface Context {
  params: Promise<{ id: string }>;
}

/** What is stored of an investigation, as it is, for one that can't be shown. */
export function GET(request: Request, { params }: Context): Promise<Response> {
  return answered(request, async () => {
    const { id } = await params;
    const entry = await investigationForRoute(id);
    if (entry.answer) return entry.answer;
    return new Response(JSON.stringify(entry.investigation.document), {
      headers: {
        "content-type": "application/json",
        "content-disposition": `attachment; filename="${id}-stored.json"`,
        "cache-control": "private, no-store",
      },
    });
  });
}
