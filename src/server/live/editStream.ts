import type { Mismatch } from "@/protocol/versions";
import type { LiveMessage } from "@/protocol/saving";
import { type LoggedEdit, editsSince } from "../investigations/editsSince";
import { isDatabaseAway } from "../database/connection";
import { subscribe } from "./listener";
import { streamOpened } from "./openStreams";

const heartbeatEvery = 15_000;

/** One investigation that a browser listens to, from a revision on. */
export interface Followed {
  readonly investigationId: string;
  readonly since: number;
}

interface Stream {
  readonly personId: string;
  readonly followed: readonly Followed[];
  /** Whether the person may still read it; asked before each message. */
  readonly stillAllowed: (investigationId: string) => Promise<boolean>;
  readonly signal: AbortSignal;
}

/** Letters beyond which a window is told of edits alone: its own it has, others' it asks for. */
const longMessage = 100_000;

function message(investigation: string, edits: readonly LoggedEdit[]): string {
  const whole: LiveMessage = { investigation, edits };
  const text = JSON.stringify(whole);
  if (text.length <= longMessage) return `data: ${text}\n\n`;
  const told = edits.map(({ revision, id, act, replaces }) => ({ revision, id, act, replaces }));
  return `data: ${JSON.stringify({ investigation, edits: told } satisfies LiveMessage)}\n\n`;
}

/** Says the edits of one investigation, each once, one message after the other; ends when it may be read no longer. */
function follow(
  { investigationId, since }: Followed,
  stillAllowed: Stream["stillAllowed"],
  say: (text: string) => void,
): () => void {
  let sent = since;
  let turn = Promise.resolve();
  let ended = false;
  let unsubscribe = () => {};
  const end = () => {
    ended = true;
    unsubscribe();
  };
  const sendNews = async () => {
    if (ended) return;
    if (!(await stillAllowed(investigationId))) {
      say(
        `data: ${JSON.stringify({ investigation: investigationId, edits: [], ended: true })}\n\n`,
      );
      return end();
    }
    const edits = await editsSince(investigationId, sent);
    const newest = edits[edits.length - 1];
    if (!newest || ended) return;
    sent = newest.revision;
    say(message(investigationId, edits));
  };
  const look = () => {
    turn = turn.then(sendNews).catch((error: unknown) => {
      if (!isDatabaseAway(error)) end();
    });
  };
  unsubscribe = subscribe(investigationId, look);
  look();
  return end;
}

/** Server-sent events that end at once: they say that page and server are of different versions. */
export function mismatchStream(
  followed: readonly Followed[],
  mismatch: Mismatch,
): ReadableStream<Uint8Array> {
  const messages = followed.map(({ investigationId: investigation }) => {
    const said: LiveMessage = { investigation, edits: [], mismatch };
    return `data: ${JSON.stringify(said)}\n\n`;
  });
  return new Blob([messages.join("")]).stream();
}

/** Server-sent events: of each investigation the edits behind its revision, then each new one as it is announced. */
export function editStream(stream: Stream): ReadableStream<Uint8Array> {
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
      const ends = stream.followed.map((one) => follow(one, stream.stillAllowed, say));
      const forget = streamOpened(stream.personId, () => close());
      close = () => {
        close = () => {};
        closed = true;
        clearInterval(heartbeat);
        for (const end of ends) end();
        forget();
        if (!cancelled) controller.close();
      };
      stream.signal.addEventListener("abort", () => close());
    },
    cancel: () => {
      cancelled = true;
      close();
    },
  });
}
