import { mismatchWith } from "@/protocol/versions";
import { ValidationError } from "yup";
import { personForRoute, sessionToken } from "@/app/access";
import { answered, streamed } from "@/app/answers";
import { admitToInvestigation } from "@/server/access/gate";
import { editStream, type Followed, mismatchStream } from "@/server/live/editStream";
import { roomForStream } from "@/server/live/openStreams";

const mostFollowed = 60;
const one = /^([A-Za-z0-9_-]{1,40}):(\d{1,9})$/;

/** What a browser wants to follow, as "id:revision,id:revision"; the same for all its tabs. */
function readFollowed(request: Request): readonly Followed[] {
  const texts = (new URL(request.url).searchParams.get("of") ?? "").split(",");
  const found = texts.map((text) => one.exec(text));
  if (found.length > mostFollowed || found.some((match) => !match)) {
    throw new ValidationError("names no investigations");
  }
  return found.map((match) => ({
    investigationId: match?.[1] ?? "",
    since: Number(match?.[2]),
  }));
}

const allowed = new Set(["granted", "away"]);

/** Server-sent events with each new edit of the investigations that one browser has open. */
export function GET(request: Request): Promise<Response> {
  return answered(request, async () => {
    const entry = await personForRoute();
    if (entry.answer) return entry.answer;
    roomForStream();
    const { person } = entry;
    const token = (await sessionToken()) ?? "";
    const stillAllowed = async (id: string) =>
      allowed.has((await admitToInvestigation(token, id, "read")).kind);
    const followed = readFollowed(request);
    const open = await Promise.all(followed.map((one) => stillAllowed(one.investigationId)));
    if (!open.includes(true)) return new Response(null, { status: 404 });
    const mismatch = mismatchWith(new URL(request.url).searchParams.get("version"));
    const stream = mismatch
      ? mismatchStream(followed, mismatch)
      : editStream({ person, token, followed, stillAllowed, signal: request.signal });
    return streamed(stream);
  });
}
