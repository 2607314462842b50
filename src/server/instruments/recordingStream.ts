import type { RecordingNews } from "@/protocol/instruments";
import { eventStream } from "../live/eventStream";
import { log } from "../log/log";
import type { AllowedInstrument } from "./allowed";
import { followInstrument } from "./follow";
import { freeInstrument, heldFor, holdInstrument } from "./holds";

interface Stream {
  readonly personId: string;
  readonly investigationId: string;
  /** Undefined for one that the server may not read. */
  readonly instrument: AllowedInstrument | undefined;
  /** Where it was heard before: the number of the reading that is wanted next. */
  readonly from: number | undefined;
  readonly signal: AbortSignal;
}

/** An event with the number of the reading that is wanted next, so that a browser that comes back says it. */
function event(news: RecordingNews): string {
  const next = news.kind === "piece" ? news.first + (news.values[0]?.length ?? 0) : undefined;
  return `${next === undefined ? "" : `id: ${next}\n`}data: ${JSON.stringify(news)}\n\n`;
}

async function follow(
  { instrument, investigationId, from }: Stream,
  say: (news: RecordingNews) => void,
  signal: AbortSignal,
): Promise<void> {
  if (!instrument) return say({ kind: "ended", why: "not-there" });
  const { name } = instrument;
  if (!(await holdInstrument(name, investigationId))) return say({ kind: "ended", why: "in-use" });
  const holding = setInterval(
    () => void holdInstrument(name, investigationId).catch(() => false),
    (heldFor / 3) * 1000,
  );
  try {
    await followInstrument({ instrument, say, signal, from });
    if (!signal.aborted) await freeInstrument(name, investigationId);
  } finally {
    clearInterval(holding);
  }
}

/** Server-sent events of one recording, from its beginning to its end. */
export function recordingStream(stream: Stream): ReadableStream<Uint8Array> {
  return eventStream(stream, ({ say, close }) => {
    const ending = new AbortController();
    void follow(stream, (news) => say(event(news)), ending.signal)
      .catch((error: unknown) => log.warn({ error }, "a recording could not be followed"))
      .finally(close);
    return () => ending.abort();
  });
}
