import { ownVersion } from "@/protocol/versions";
import type { LiveMessage } from "@/protocol/saving";
import { savingChecks } from "./answerChecks";

const gatheringFor = 60;
const firstRetry = 1000;
const longestRetry = 15_000;

type Wants = Readonly<Record<string, number>>;

/** The stream of others' edits for all that several tabs want: asked anew when that changes, and when it breaks. */
export class LiveStream {
  private readonly wanted = new Map<string, Record<string, number>>();
  /** From which revision on each investigation was asked for, or up to which it was told since. */
  private told: Record<string, number> = {};
  private source: EventSource | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private retryAfter = firstRetry;

  constructor(private readonly hear: (message: LiveMessage) => void) {}

  /** The tabs that want something. */
  tabs(): readonly string[] {
    return [...this.wanted.keys()];
  }

  /** What a tab wants from now on, by investigation with the revision that it knows. */
  want(tab: string, wants: Wants): void {
    if (Object.keys(wants).length > 0) this.wanted.set(tab, { ...wants });
    else this.wanted.delete(tab);
    const known = Object.entries(wants).every(([id, since]) => since >= (this.told[id] ?? Infinity));
    const ids = new Set([...this.wanted.values()].flatMap((one) => Object.keys(one)));
    const fewer = Object.keys(this.told).some((id) => !ids.has(id));
    if (known && !fewer) return;
    if (ids.size === 0) this.close();
    else this.openSoon(gatheringFor);
  } // prettier-ignore

  /** Asks again at once where the stream broke: the network is back. */
  hurry(): void {
    this.retryAfter = firstRetry;
    if (this.timer !== undefined && this.wanted.size > 0) this.openSoon(0);
  }

  close(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
    this.source?.close();
    this.source = undefined;
    this.told = {};
  }

  private openSoon(after: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.openChecked(), after);
  }

  /** What is heard is held against what may be said: without that nothing is asked for. */
  private async openChecked(): Promise<void> {
    const { timer } = this;
    if (!savingChecks.here()) {
      const here = await savingChecks.fetch().then(
        () => true,
        () => false,
      );
      if (this.timer !== timer) return;
      if (!here) return this.openLater();
    }
    this.open();
  }

  private openLater(): void {
    this.openSoon(this.retryAfter);
    this.retryAfter = Math.min(longestRetry, this.retryAfter * 2);
  }

  private open(): void {
    this.timer = undefined;
    this.source?.close();
    const from: Record<string, number> = {};
    for (const wants of this.wanted.values()) {
      for (const [id, since] of Object.entries(wants)) {
        from[id] = Math.min(from[id] ?? Infinity, since);
      }
    }
    this.told = from;
    const of = Object.entries(from).map(([id, since]) => `${id}:${since}`);
    if (of.length === 0) return;
    const source = new EventSource(`/api/live?version=${ownVersion}&of=${of.join(",")}`);
    this.source = source;
    source.onopen = () => (this.retryAfter = firstRetry);
    source.onmessage = ({ data }: MessageEvent<string>) => this.pass(JSON.parse(data));
    source.onerror = () => {
      source.close();
      if (this.source !== source) return;
      this.openLater();
    };
  } // prettier-ignore

  private pass(said: unknown): void {
    if (!savingChecks.here()?.liveMessage.isValidSync(said)) return;
    const message = said as LiveMessage;
    const newest = message.edits.at(-1)?.revision;
    if (newest !== undefined) this.hasHeard(message.investigation, newest);
    this.hear(message);
  }

  /** What one tab hears, all that want it hear. */
  private hasHeard(id: string, revision: number): void {
    this.told[id] = revision;
    for (const wants of this.wanted.values()) {
      if (id in wants) wants[id] = Math.max(wants[id] ?? 0, revision);
    }
  }
}
