import { refusalOf, type Reply } from "@/server/requests/refusals";

/** A reply as the platform's fetch sends it. */
export function responseOf({ status, body, headers }: Reply): Response {
  return body === undefined
    ? new Response(null, { status, headers })
    : Response.json(body, { status, headers });
}

/** Answers a request, and says what went otherwise by its status (`refusalOf`); 503 also to who is gone. */
export async function answered(
  request: Request,
  answer: () => Promise<Response>,
): Promise<Response> {
  try {
    return await answer();
  } catch (error) {
    const refusal = refusalOf(error);
    if (refusal) return responseOf(refusal);
    if (request.signal.aborted) return new Response(null, { status: 503 });
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
