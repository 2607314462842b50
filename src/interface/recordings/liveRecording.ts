import { createStore } from "zustand/vanilla";
import type { DescribedInstrument, RecordingNews, WhyEnded } from "@/protocol/instruments";
import type { Pace } from "@/investigation/model/recording";
import type { RecordingDescription } from "@/protocol/recordings";
import { devicePieces } from "./devicePieces";
import type { Feed, OpenFeed } from "./feed";
import { GrowingTrace } from "./growingTrace";
import { RecordingOutbox, type RecordingState } from "./outbox";
import type { RecordingsDoor } from "./recordingsDoor";

/** How a recording that runs stands. */
export interface LiveState {
  /** "waiting": the instrument has not said what it is; "broken": its line, or that to the server, is tried again. */
  readonly phase: "waiting" | "recording" | "broken" | "ended";
  readonly why: WhyEnded | undefined;
  /** So many answers could not be read. */
  readonly rubbish: number;
  readonly kept: RecordingState;
}

interface Hears {
  /** The instrument has said what it is. */
  readonly begun: (how: RecordingDescription) => void;
  /** At what pace it came, as is only known once it has come. */
  readonly paced: (pace: Pace) => void;
  /** Nothing more comes; so many readings of each channel there are. */
  readonly ended: (readings: number, why: WhyEnded) => void;
}

interface Wanted {
  readonly id: string;
  readonly feed: OpenFeed;
  readonly door: RecordingsDoor;
  readonly hears: Hears;
}

/** In ms: how often what came is brought to device and server. */
const broughtEvery = 1000;

/** What of a described instrument is kept with its recording. */
export function descriptionOf(one: DescribedInstrument): RecordingDescription {
  const { instrument, tells, channels, step, clock } = one;
  return { instrument, tells, channels, step, clock };
}

/** One recording as it comes in: heard from its feed, shown at once, kept by the device and then by the server. */
export class LiveRecording {
  readonly state = createStore<LiveState>()(() => ({
    phase: "waiting",
    why: undefined,
    rubbish: 0,
    kept: "sending",
  }));
  trace: GrowingTrace | undefined;
  private outbox: RecordingOutbox | undefined;
  private readonly feed: Feed;
  private readonly bringing: ReturnType<typeof setInterval>;

  constructor(private readonly of: Wanted) {
    this.feed = of.feed({
      news: (news) => this.hear(news),
      opened: () => this.isBack(),
      broken: () => !this.over && this.state.setState({ phase: this.trace ? "broken" : "waiting" }),
      heard: () => this.trace?.count,
    });
    this.bringing = setInterval(() => void this.bring(), broughtEvery);
  }

  private get over(): boolean {
    return this.state.getState().phase === "ended";
  }

  private isBack(): void {
    if (this.trace && !this.over) this.state.setState({ phase: "recording" });
  }

  private begin(description: DescribedInstrument): void {
    if (this.trace) return this.isBack();
    const { id, door, hears } = this.of;
    const how = descriptionOf(description);
    this.trace = new GrowingTrace(how.tells, how.channels.length);
    const device = devicePieces(id, how.channels.length);
    this.outbox = new RecordingOutbox(this.trace, device, door.doorOf(id, how));
    this.state.setState({ phase: "recording" });
    hears.begun(how);
  }

  private hear(news: RecordingNews): void {
    if (this.over) return;
    switch (news.kind) {
      case "begun":
        return this.begin(news.description);
      case "piece":
        return this.trace?.add(news.first, news.values);
      case "broken":
        return this.state.setState({ phase: "broken" });
      case "back":
        return this.isBack();
      case "pace":
        return this.of.hears.paced({ step: news.step, clock: news.clock });
      case "rubbish":
        return this.state.setState({ rubbish: news.count });
      case "ended":
        return this.end(news.why);
    }
  }

  private async bring(): Promise<void> {
    const { outbox } = this;
    if (!outbox) return;
    await (this.over ? outbox.end() : outbox.flush());
    this.state.setState({ kept: outbox.state });
    if (this.over && (outbox.state === "kept" || outbox.state === "gone")) {
      clearInterval(this.bringing);
    }
  }

  /** Nothing more comes of it; what came is brought along until the server has it. */
  end(why: WhyEnded): void {
    if (this.over) return;
    this.feed.close();
    this.state.setState({ phase: "ended", why });
    if (!this.outbox) clearInterval(this.bringing);
    this.of.hears.ended(this.trace?.count ?? 0, why);
    void this.bring();
  }

  /** The page is left: the instrument goes on, and what came here is on the device. */
  leave(): void {
    this.feed.close();
    clearInterval(this.bringing);
    void this.outbox?.flush();
  }
}
