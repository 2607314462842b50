import type { Mismatch } from "@/protocol/versions";
import type { LiveMessage } from "@/protocol/saving";
import { type LoggedEdit, editsSince } from "../investigations/editsSince";
import { termsOf } from "../briefs/terms";
import { isDatabaseAway } from "../database/connection";
import type { SignedIn } from "../access/whoAsks";
import { signedOutKey } from "./channel";
import { eventStream, type Line } from "./eventStream";
import { type Follower, follows, forget } from "./followers";
import { type LiveNews, subscribe } from "./listener";
import { metrics } from "../metrics/metrics";
import { editsMessage } from "./liveMessage";

/** One investigation that a browser listens to, from a revision on. */
export interface Followed {
  readonly investigationId: string;
  readonly since: number;
}

interface Stream {
  readonly person: SignedIn;
  /** The session by which they follow. */
  readonly token: string;
  readonly followed: readonly Followed[];
  /** Whether the person may still read it: asked whenever rights have changed, and before a message after a while. */
  readonly stillAllowed: (investigationId: string) => Promise<boolean>;
  readonly signal: AbortSignal;
}

/** Rights that end are told at once; in case that was missed, they are asked for so many ms after they were last seen. */
const askedAgainAfter = 5000;

const asking = new Map<string, Promise<LoggedEdit[]>>();

/** The edits behind a revision, read once for all streams that ask at the same time. */
function newsSince(investigationId: string, since: number): Promise<LoggedEdit[]> {
  const key = `${investigationId}/${since}`;
  let found = asking.get(key);
  if (!found) {
    found = editsSince(investigationId, since).finally(() => asking.delete(key));
    asking.set(key, found);
  }
  return found;
}

/**
 * One investigation of a stream: says its edits, each once, one message after the other, and what was given out with it and
 * where its handing in stands: at the beginning, when that changes, and after news may have been missed. Ends when it may be
 * read no longer.
 */
class Following {
  private sent: number;
  private turn = Promise.resolve();
  private ended = false;
  private askedAt = 0;
  private readonly unsubscribe: () => void;
  private follower: Follower | undefined;

  constructor(
    private readonly followed: Followed,
    private readonly stream: Stream,
    private readonly line: Line,
  ) {
    this.sent = followed.since;
    this.unsubscribe = subscribe(followed.investigationId, (notice) => {
      if (notice.kind === "here") this.tell({ edits: [], here: notice.here });
      else if (notice.kind === "terms") this.lookAtTerms();
      else if (notice.kind === "edits") this.look(false, notice.news);
      else this.look(notice.kind === "rights");
    });
    this.look(true);
  }

  private tell(message: Omit<LiveMessage, "investigation">): void {
    if (this.ended || this.askedAt === 0) return;
    const told: LiveMessage = { investigation: this.followed.investigationId, ...message };
    if (!this.line.isBehind()) this.line.say(`data: ${JSON.stringify(told)}\n\n`);
  }

  private inTurn(work: () => Promise<void>): void {
    this.turn = this.turn.then(work).catch((error: unknown) => {
      if (!isDatabaseAway(error)) this.end();
    });
  }

  /** Looks for news; @param rights whether those, or anything else, may have changed unheard; @param news what came, where it came whole. */
  look(rights: boolean, news?: LiveNews): void {
    if (rights) this.askedAt = 0;
    this.inTurn(() => this.sendNews(news));
    if (rights) this.lookAtTerms();
  }

  lookAtTerms(): void {
    this.inTurn(async () => {
      if (this.ended) return;
      const terms = await termsOf(this.followed.investigationId);
      if (terms) this.tell({ edits: [], terms });
    });
  }

  private async mayGoOn(): Promise<boolean> {
    const seenAt = this.askedAt && Math.max(this.askedAt, this.follower?.seenAt ?? 0);
    if (Date.now() - seenAt < askedAgainAfter) return true;
    const { token, person, stillAllowed } = this.stream;
    const { investigationId } = this.followed;
    this.forget();
    if (!(await stillAllowed(investigationId))) return false;
    if (!this.ended) this.follower = follows(token, investigationId, person);
    this.askedAt = Date.now();
    return true;
  }

  private forget(): void {
    if (this.follower) forget(this.stream.token, this.followed.investigationId, this.follower);
    this.follower = undefined;
  }

  private async sendNews(news: LiveNews | undefined): Promise<void> {
    if (this.ended || (news && news.revision <= this.sent)) return;
    const { investigationId } = this.followed;
    if (!(await this.mayGoOn())) {
      const last: LiveMessage = { investigation: investigationId, edits: [], ended: true };
      this.line.say(`data: ${JSON.stringify(last)}\n\n`);
      return this.end();
    }
    const { news: counted } = metrics();
    if (this.line.isBehind()) return counted.inc({ came: "later" });
    if (news?.before === this.sent) {
      counted.inc({ came: "carried" });
      this.sent = news.revision;
      return this.line.say(news.text);
    }
    const edits = await newsSince(investigationId, this.sent);
    const newest = edits[edits.length - 1];
    if (!newest || this.ended) return;
    this.sent = newest.revision;
    counted.inc({ came: "read" });
    this.line.say(editsMessage(investigationId, edits));
  }

  end(): void {
    this.ended = true;
    this.forget();
    this.unsubscribe();
  }
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
  const { person, signal } = stream;
  return eventStream({ personId: person.id, signal }, (line) => {
    const all = stream.followed.map((one) => new Following(one, stream, line));
    line.onCaughtUp(() => {
      for (const one of all) {
        one.look(false);
        one.lookAtTerms();
      }
    });
    const unsubscribe = subscribe(signedOutKey(person.id), () => {
      for (const one of all) one.look(true);
    });
    return () => {
      unsubscribe();
      for (const one of all) one.end();
    };
  });
}
