import { ofInvestigation, type OfInvestigation } from "@/app/investigationRoute";
import { askedBack } from "@/protocol/history";
import { goBackTo } from "@/server/history/moments";
import { readBody } from "@/server/requests/readBody";

const mostBytes = 1000;

/** Goes back to a moment, as a new edit. */
export function POST(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "edit", async ({ id, personId }) => {
    const { revision } = askedBack.validateSync(await readBody(request, mostBytes));
    const done = await goBackTo(id, personId, revision);
    return done ? Response.json({ revision }) : new Response(null, { status: 404 });
  });
}
