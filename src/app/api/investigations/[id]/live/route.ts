import { investigationForRoute, sessionToken } from "@/app/access";
import { admitToInvestigation } from "@/server/access/gate";
import { editStream } from "@/server/live/editStream";

interface Context {
  params: Promise<{ id: string }>;
}

/** Server-sent events with each new edit of one investigation. */
export async function GET(request: Request, { params }: Context): Promise<Response> {
  const { id } = await params;
  const entry = await investigationForRoute(id);
  if (entry.answer) return entry.answer;
  const token = await sessionToken();
  const since = Number(new URL(request.url).searchParams.get("since") ?? 0);
  const stream = editStream(
    {
      investigationId: id,
      signal: request.signal,
      stillAllowed: async () => {
        const { kind } = await admitToInvestigation(token, id);
        return kind === "granted" || kind === "away";
      },
    },
    Number.isInteger(since) && since >= 0 ? since : 0,
  );
  return new Response(stream, {
    headers: {
      "content-type": "text/event-stream",
      "cache-control": "no-cache, no-transform",
      "x-accel-buffering": "no",
      connection: "close",
    },
  });
}
