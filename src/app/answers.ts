import { ValidationError } from "yup";
import { isDatabaseAway } from "@/server/database/connection";
import { UnreadableInvestigation } from "@/server/investigations/loadInvestigation";
import { QuotaExceeded } from "@/server/quotas/spending";
import { BodyRefused } from "@/server/requests/readBody";

const because = (reason: string, status: number, headers: Record<string, string> = {}) =>
  Response.json({ reason }, { status, headers });

/**
 * Answers a request, and says what went otherwise by its status: 400 and 413 for what can't be taken, 409 where the
 * stored document can't be read, 429 with a time where too much was asked, 503 where the database is away.
 */
export async function answered(
  request: Request,
  answer: () => Promise<Response>,
): Promise<Response> {
  try {
    return await answer();
  } catch (error) {
    if (error instanceof BodyRefused) return because(error.message, error.status);
    if (error instanceof ValidationError) return because(error.message, 400);
    if (error instanceof UnreadableInvestigation) {
      return because(error.newer ? "it is newer than this server" : "it can't be read", 409);
    }
    if (error instanceof QuotaExceeded) {
      return because(error.message, 429, { "retry-after": String(error.seconds) });
    }
    if (isDatabaseAway(error) || request.signal.aborted) return new Response(null, { status: 503 });
    throw error;
  }
}

/** An answer that goes on: server-sent events, kept by nobody on the way. */
export function streamed(stream: ReadableStream<Uint8Array>): Response {
  return new Response(stream, {
    headers: {
      "content-type": "text/event-stream",
      "cache-control": "no-cache, no-transform",
      "x-accel-buffering": "no",
      connection: "close",
    },
  });
}
