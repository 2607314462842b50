import { streamed } from "@/app/answers";
import { ofInvestigation, type OfInvestigation } from "@/app/investigationRoute";
import { allowedInstruments } from "@/server/instruments/allowed";
import { recordingStream } from "@/server/instruments/recordingStream";
import { roomForStream } from "@/server/live/openStreams";

interface OfInstrument {
  readonly params: Promise<{ id: string; name: string }>;
}

/**
 * Server-sent events: an instrument begins to record, and what it records as it comes. A browser that comes back goes on: its browser says where in
 * a header, its page by "from".
 */
export function GET(request: Request, context: OfInstrument): Promise<Response> {
  const { signal, headers } = request;
  return ofInvestigation(request, context satisfies OfInvestigation, "edit", async ({ id, personId }) => {
    const { name } = await context.params;
    const instrument = allowedInstruments().find((one) => one.name === decodeURIComponent(name));
    const heard = headers.get("last-event-id") ?? new URL(request.url).searchParams.get("from") ?? "";
    const from = /^\d{1,8}$/.test(heard) ? Number(heard) : undefined;
    roomForStream();
    return streamed(recordingStream({ personId, investigationId: id, instrument, from, signal }));
  });
} // prettier-ignore
