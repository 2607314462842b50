import { type LoggedEdit, editsSince } from "../investigations/editsSince";
import { isDatabaseAway } from "../database/connection";
import { subscribe } from "./listener";
import { streamOpened } from "./openStreams";

const heartbeatEvery = 15_000;

interface Stream {
  readonly investigationId: string;
  /** Whether the person may still read it; asked before each message. */
  readonly stillAllowed: () => Promise<boolean>;
  readonly signal: AbortSignal;
}

/** Letters beyond which a window is told of edits alone: its own it has, others' it asks for. */
const longMessage = 100_000;

function message(edits: readonly LoggedEdit[]): string {
  const whole = JSON.stringify({ edits });
  const told = edits.map(({ revision, id, act }) => ({ revision, id, act }));
  const data = whole.length <= longMessage ? whole : JSON.stringify({ edits: told });
  return `data: ${data}\n\n`;
}

/** Server-sent events: the edits behind `since`, then each new one as it is announced. */
export function editStream(stream: Stream, since: number): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let sent = since;
  let close = () => {};
  let cancelled = false;
  return new ReadableStream({
    start(controller) {
      const say = (text: string) => controller.enqueue(encoder.encode(text));
      let turn = Promise.resolve();
      const sendNews = async () => {
        if (!(await stream.stillAllowed())) return close();
        const edits = await editsSince(stream.investigationId, sent);
        const newest = edits[edits.length - 1];
        if (!newest) return;
        sent = newest.revision;
        say(message(edits));
      };
      const look = () => {
        turn = turn.then(sendNews).catch((error: unknown) => {
          if (!isDatabaseAway(error)) close();
        });
      };
      const heartbeat = setInterval(() => say(": here\n\n"), heartbeatEvery);
      const unsubscribe = subscribe(stream.investigationId, look);
      const forget = streamOpened(() => close());
      close = () => {
        close = () => {};
        clearInterval(heartbeat);
        unsubscribe();
        forget();
        if (!cancelled) controller.close();
      };
      stream.signal.addEventListener("abort", () => close());
      say(": open\n\n");
      look();
    },
    cancel: () => {
      cancelled = true;
      close();
    },
  });
}
