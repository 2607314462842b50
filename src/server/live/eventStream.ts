import { streamOpened } from "./openStreams";

const heartbeatEvery = 15_000;

interface Opened {
  readonly personId: string;
  readonly signal: AbortSignal;
}

/**
 * Server-sent events for one window. @param begin says what there is and what comes, by `say`, and may `close` the stream;
 * returns what is to be done at its end.
 */
export function eventStream(
  { personId, signal }: Opened,
  begin: (say: (text: string) => void, close: () => void) => () => void,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let close = () => {};
  let cancelled = false;
  return new ReadableStream({
    start(controller) {
      let closed = false;
      const say = (text: string) => {
        if (!closed) controller.enqueue(encoder.encode(text));
      };
      const heartbeat = setInterval(() => say(": here\n\n"), heartbeatEvery);
      say(": open\n\n");
      const end = begin(say, () => close());
      const forget = streamOpened(personId, () => close());
      close = () => {
        close = () => {};
        closed = true;
        clearInterval(heartbeat);
        end();
        forget();
        if (!cancelled) controller.close();
      };
      signal.addEventListener("abort", () => close());
    },
    cancel: () => {
      cancelled = true;
      close();
    },
  });
}
