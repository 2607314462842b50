import { overviewForRoute } from "@/app/access";
import { answered, streamed } from "@/app/answers";
import { roomForStream } from "@/server/live/openStreams";
import { overviewStream } from "@/server/overview/overviewStream";

interface OfExperiment {
  readonly params: Promise<{ id: string }>;
}

/** Server-sent events with the benches of an experiment at a glance, and each change of them. */
export function GET(request: Request, { params }: OfExperiment): Promise<Response> {
  return answered(request, async () => {
    const entry = await overviewForRoute((await params).id);
    if (entry.answer) return entry.answer;
    roomForStream();
    const { personId, experimentId, sighted, sightNow } = entry;
    const { signal } = request;
    return streamed(overviewStream({ personId, experimentId, sighted, sightNow, signal }));
  });
}
