import { newsBetween, type Overview, type OverviewMessage } from "@/protocol/overview";
import { experimentKey, signedOutKey } from "../live/channel";
import { eventStream } from "../live/eventStream";
import { subscribe } from "../live/listener";
import { followOverview } from "./experimentWatch";
import { overviewSeen, type Sighted } from "./sight";

/** In ms: whether it may still be seen is asked this often at least. */
const askedAgainAfter = 5000;

interface Stream {
  readonly personId: string;
  readonly experimentId: string;
  readonly sighted: Sighted;
  /** How the person may see it now; asked whenever rights may have changed. */
  readonly sightNow: () => Promise<Sighted | undefined>;
  readonly signal: AbortSignal;
}

/** What one window is told of an overview: at first all, then what has changed. */
class OverviewTeller {
  private sighted: Sighted;
  private told: Overview | undefined;
  private newest: Overview | undefined;
  private readonly stops: readonly (() => void)[];

  constructor(
    private readonly stream: Stream,
    private readonly say: (text: string) => void,
    private readonly close: () => void,
  ) {
    const { experimentId, personId, sighted } = stream;
    this.sighted = sighted;
    const ask = () => void this.askAgain().catch(() => {});
    const asking = setInterval(ask, askedAgainAfter);
    this.stops = [
      subscribe(experimentKey(experimentId), ask),
      subscribe(signedOutKey(personId), ask),
      followOverview(experimentId, sighted.classId, (overview) => this.tell(overview)),
      () => clearInterval(asking),
    ];
  }

  private tell(overview: Overview): void {
    this.newest = overview;
    const seen = overviewSeen(overview, this.sighted);
    const news = newsBetween(this.told, seen);
    this.told = seen;
    if (news) this.say(`data: ${JSON.stringify(news)}\n\n`);
  }

  private async askAgain(): Promise<void> {
    const now = await this.stream.sightNow();
    if (!now) {
      const nothing = { title: "", shown: "no", rows: [], gone: [], together: null } as const;
      const last: OverviewMessage = { ...nothing, ended: true };
      this.say(`data: ${JSON.stringify(last)}\n\n`);
      this.close();
      return;
    }
    this.sighted = now;
    if (this.newest) this.tell(this.newest);
  }

  end(): void {
    for (const stop of this.stops) stop();
  }
}

/** Server-sent events: the overview of an experiment, then each change of it; it ends when it may be seen no longer. */
export function overviewStream(stream: Stream): ReadableStream<Uint8Array> {
  return eventStream(stream, ({ say, close }) => {
    const teller = new OverviewTeller(stream, say, close);
    return () => teller.end();
  });
}
