import { ofInvestigation, type OfInvestigation, unkept } from "@/app/investigationRoute";
import { bytesOfNumber, numbersOf, recordingLimits } from "@/protocol/recordings";
import { spend } from "@/server/quotas/spending";
import { addReadings } from "@/server/recordings/parts";
import { isKeptLevel, levelOf, readingsOf } from "@/server/recordings/reading";
import { recordingOf } from "@/server/recordings/recordings";
import { BodyRefused, bytesOf, readBytes } from "@/server/requests/readBody";

interface OfRecording {
  readonly params: Promise<{ id: string; recording: string }>;
}

const gone = () => new Response(null, { status: 404 });

/** A whole number of an address; undefined where it has none of that name. */
function wholeIn(request: Request, name: string): number | undefined {
  const text = new URL(request.url).searchParams.get(name) ?? "";
  return /^\d{1,8}$/.test(text) ? Number(text) : undefined;
}

/** Numbers as they travel, and the number of the first reading. */
function numbered(numbers: { readonly buffer: ArrayBufferLike }, first: number): Response {
  const headers = { ...unkept, "content-type": "application/octet-stream", "x-first-reading": String(first) }; // prettier-ignore
  return new Response(new Uint8Array(numbers.buffer as ArrayBuffer), { headers });
}

/** "level": least and greatest of the whole recording; "from" and "to": the readings of a span. */
export function GET(request: Request, context: OfRecording): Promise<Response> {
  return ofInvestigation(request, context satisfies OfInvestigation, "read", async ({ id }) => {
    const recording = await recordingOf(id, (await context.params).recording);
    if (!recording) return gone();
    const level = wholeIn(request, "level");
    if (level !== undefined && isKeptLevel(level)) return numbered(await levelOf(recording, level), 0);
    const [from = 0, to = from + recordingLimits.atOnce] = [wholeIn(request, "from"), wholeIn(request, "to")];
    if (to - from > recordingLimits.atOnce) throw new BodyRefused(413, "too many at once");
    const { first, numbers } = await readingsOf(recording, { from, to });
    return numbered(numbers, first);
  });
} // prettier-ignore

/** Takes the readings that came, from "first" on. */
export function POST(request: Request, context: OfRecording): Promise<Response> {
  return ofInvestigation(request, context satisfies OfInvestigation, "edit", async ({ id, personId }) => {
    const recording = await recordingOf(id, (await context.params).recording);
    const first = wholeIn(request, "first");
    if (!recording) return gone();
    if (first === undefined) throw new BodyRefused(400, "first is missing");
    await spend(personId, { bytes: bytesOf(request) });
    const { tells, channels } = recording.description;
    const size = channels.length * bytesOfNumber(tells);
    const { buffer, byteLength } = await readBytes(request, recordingLimits.atOnce * size);
    if (byteLength === 0 || byteLength % size !== 0) throw new BodyRefused(400, "not whole readings");
    const readings = await addReadings(id, recording.id, first, numbersOf(tells, buffer));
    return readings === undefined ? gone() : Response.json({ readings });
  });
} // prettier-ignore
