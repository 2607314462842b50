import { nanoid } from "nanoid";
import type { LiveMessage } from "@/protocol/saving";
import { LiveStream } from "./liveStream";

/** What a tab wants to hear of one investigation. */
export interface Listener {
  /** The revision that the tab knows. */
  readonly since: () => number;
  readonly hear: (message: LiveMessage) => void;
}

type Said =
  /** A tab says all that it wants; nothing when it leaves. */
  | { readonly kind: "wants"; readonly tab: string; readonly wants: Readonly<Record<string, number>> }
  /** A new leader asks what the tabs want. */
  | { readonly kind: "who" }
  | { readonly kind: "news"; readonly message: LiveMessage }; // prettier-ignore

const name = "fathom-rule/live";
const tabLock = (tab: string) => `fathom-rule/tab/${tab}`;
const prunedEvery = 30_000;

/**
 * One stream for all tabs of a browser, which may hold few connections to one server: the tab that has the lock holds
 * the stream and passes on what it hears; when it goes, the next one takes its place and asks again from where each is.
 */
class LiveLine {
  private readonly tab = nanoid(8);
  private readonly listeners = new Map<string, Listener>();
  private readonly channel = new BroadcastChannel(name);
  private stream: LiveStream | undefined;

  constructor() {
    this.channel.onmessage = ({ data }: MessageEvent<Said>) => this.heard(data);
    this.hold(tabLock(this.tab), () => {});
    this.hold(name, () => this.lead());
    window.addEventListener("pagehide", () => this.say({ kind: "wants", tab: this.tab, wants: {} }));
  } // prettier-ignore

  private hold(lock: string, begin: () => void): void {
    void navigator.locks.request(lock, () => {
      begin();
      return new Promise<void>(() => {});
    });
  }

  private lead(): void {
    this.stream = new LiveStream((message) => {
      this.deliver(message);
      this.say({ kind: "news", message });
    });
    this.stream.want(this.tab, this.wants());
    this.say({ kind: "who" });
    window.addEventListener("online", () => this.stream?.hurry());
    setInterval(() => void this.prune(), prunedEvery);
  }

  /** Tabs that went without a word are listened for no longer. */
  private async prune(): Promise<void> {
    const { held = [] } = await navigator.locks.query();
    const here = new Set(held.map((lock) => lock.name));
    for (const tab of this.stream?.tabs() ?? []) {
      if (!here.has(tabLock(tab))) this.stream?.want(tab, {});
    }
  }

  private say(said: Said): void {
    this.channel.postMessage(said);
  }

  private heard(said: Said): void {
    if (said.kind === "news") this.deliver(said.message);
    else if (said.kind === "who") this.tell();
    else this.stream?.want(said.tab, said.wants);
  }

  private deliver(message: LiveMessage): void {
    this.listeners.get(message.investigation)?.hear(message);
  }

  private wants(): Readonly<Record<string, number>> {
    return Object.fromEntries([...this.listeners].map(([id, { since }]) => [id, since()]));
  }

  private tell(): void {
    const wants = this.wants();
    if (this.stream) this.stream.want(this.tab, wants);
    else this.say({ kind: "wants", tab: this.tab, wants });
  }

  listen(id: string, listener: Listener): () => void {
    this.listeners.set(id, listener);
    this.tell();
    return () => {
      if (this.listeners.get(id) !== listener) return;
      this.listeners.delete(id);
      this.tell();
    };
  }
}

let line: LiveLine | undefined;

/** Listens for others' edits of an investigation, together with all tabs of this browser; returns how to stop. */
export function listen(id: string, listener: Listener): () => void {
  if (typeof BroadcastChannel !== "undefined" && "locks" in navigator) {
    line ??= new LiveLine();
    return line.listen(id, listener);
  }
  const alone = new LiveStream(listener.hear);
  alone.want("alone", { [id]: listener.since() });
  return () => alone.close();
}
