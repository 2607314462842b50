import { streamOpened } from "./openStreams";

const heartbeatEvery = 15_000;

/** Letters that may wait for a window that reads slowly; it is told of what came meanwhile when it has read them. */
const mostWaiting = 256_000;

interface Opened {
  readonly personId: string;
  readonly signal: AbortSignal;
}

/** The line to one window. */
export interface Line {
  readonly say: (text: string) => void;
  readonly close: () => void;
  /** Whether the window has so much to read yet that nothing should be added. */
  readonly isBehind: () => boolean;
  /** What is done each time it has read all that waited after it had been behind. */
  readonly onCaughtUp: (look: () => void) => void;
}

/** Server-sent events for one window. @param begin says what there is and what comes; returns what is to be done at its end. */
export function eventStream(
  { personId, signal }: Opened,
  begin: (line: Line) => () => void,
): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let close = () => {};
  let cancelled = false;
  let behind = false;
  let caughtUp = () => {};
  return new ReadableStream(
    {
      start(controller) {
        let closed = false;
        const say = (text: string) => {
          if (!closed) controller.enqueue(encoder.encode(text));
        };
        const isBehind = () => {
          behind ||= (controller.desiredSize ?? 0) < 0;
          return behind;
        };
        const heartbeat = setInterval(() => {
          if (!isBehind()) say(": here\n\n");
        }, heartbeatEvery);
        say(": open\n\n");
        const onCaughtUp = (look: () => void) => void (caughtUp = look);
        const end = begin({ say, close: () => close(), isBehind, onCaughtUp });
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
      pull(controller) {
        if (!behind || (controller.desiredSize ?? 0) < mostWaiting) return;
        behind = false;
        caughtUp();
      },
      cancel: () => {
        cancelled = true;
        close();
      },
    },
    { highWaterMark: mostWaiting, size: (chunk) => chunk?.byteLength ?? 0 },
  );
}
