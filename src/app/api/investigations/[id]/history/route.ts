import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";
import { askedHistory } from "@/protocol/history";
import { historyOf, readingHistory } from "@/server/history/history";

/** What was done, a page at a time, or every typing of one reading. */
export function GET(request: Request, context: OfInvestigation): Promise<Response> {
  return ofInvestigation(request, context, "read", async ({ id }) => {
    const asked = Object.fromEntries(new URL(request.url).searchParams);
    const { before, row, cell } = askedHistory.validateSync(asked);
    const page =
      row !== undefined && cell !== undefined
        ? { entries: await readingHistory(id, { row, cell }), more: false }
        : await historyOf(id, before);
    return Response.json(page, { headers: unkept });
  });
}
