import { nanoid } from "nanoid";
import type { Stretch } from "@/core/recording/trace";
import { keepRecording } from "@/investigation/acts/keepRecording";
import { removeRecording } from "@/investigation/acts/removeRecording";
import { setRecording } from "@/investigation/acts/setRecording";
import { inOrder } from "@/investigation/model/order";
import type { Pace, ReadOffEntry, Recording } from "@/investigation/model/recording";
import { lastingOf } from "@/pipeline/recordings/stretch";
import type { InstrumentRequest } from "@/protocol/instruments";
import { recordedBy } from "@/wording/benchInstruments";
import { instrumentWords } from "@/wording/instruments";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { doAct, type InvestigationStore } from "../store/investigationStore";
import {
  createDeskStore,
  type DeskState,
  type DeskStore,
  readingFor,
  readingOf,
  type Running,
  saidAgainst,
  without,
} from "./deskState";
import { sendWaiting } from "./devicePieces";
import { type OpenFeed, serverFeed } from "./feed";
import { LiveRecording } from "./liveRecording";
import { RecordingsDoor } from "./recordingsDoor";
import { openStored } from "./storedSource";
import { GrownSource, outlineOfSource, type TraceSource } from "./traceSource";

/** In ms: a recording that was asked to stop is taken as ended by then. */
const stopsWithin = 4000;
/** In ms: an instrument that another bench has is asked again after so long. */
const asksEvery = 2500;

/** What hands do on the page of recordings; the same object for as long as Measure is open. */
export class RecordingsDesk {
  readonly state: DeskStore = createDeskStore();
  readonly door: RecordingsDoor;

  constructor(
    readonly store: InvestigationStore,
    investigationId: string,
    /** Hears at what pace a recording came, as is only known once it has come. */
    private readonly paced: (id: string, pace: Pace) => void,
  ) {
    this.door = new RecordingsDoor(investigationId);
  }

  private set(part: Partial<DeskState>): void {
    this.state.setState(part);
  }

  get recordings(): Readonly<Record<string, Recording>> {
    return this.store.getState().document.recordings;
  }

  /** Shows the page of recordings, with the one in hand or the last one. */
  show(id?: string): void {
    const { inHand } = this.state.getState();
    const last = inOrder(this.recordings).at(-1)?.[0];
    const wanted = id ?? (inHand && this.recordings[inHand] ? inHand : last);
    this.set({ shown: true });
    if (wanted) this.take(wanted);
    void this.askInstruments();
  }

  hide(): void {
    this.set({ shown: false });
  }

  /** Takes a recording in hand; what was chosen for another one is put by. */
  take(id: string): void {
    const { inHand } = this.state.getState();
    if (inHand !== id) {
      const how = this.recordings[id]?.how;
      const chosen = readingFor(how, this.state.getState());
      this.set({ inHand: id, channel: 0, stretch: undefined, view: undefined, dragged: undefined, found: undefined, over: [], ...chosen }); // prettier-ignore
    }
    void this.open(id);
  }

  private keepSource(id: string, source: TraceSource | "opening" | "away" | "gone"): void {
    this.state.setState(({ sources }) => ({ sources: { ...sources, [id]: source } }));
  }

  /** Has the readings of a recording brought, where they are not here yet. */
  async open(id: string): Promise<TraceSource | undefined> {
    const known = this.state.getState().sources[id];
    if (known && typeof known === "object") return known;
    const recording = this.recordings[id];
    if (!recording || known === "opening") return undefined;
    this.keepSource(id, "opening");
    if (this.state.getState().running?.id !== id) await sendWaiting(id, recording, this.door);
    const count = recording.readings || (await this.countOf(id));
    const { tells, channels } = recording.how;
    const of = { id, tells, channels: channels.length, count: count ?? 0 };
    const source = count === undefined ? undefined : await openStored(of, this.door, () => this.drawAgain()); // prettier-ignore
    this.keepSource(id, source ?? (await this.whyMissing(id)));
    return source;
  }

  /** Tries again to have the readings of a recording. */
  async lookAgain(id: string): Promise<void> {
    this.state.setState(({ sources }) => ({ sources: without(sources, id) }));
    await this.open(id);
  }

  /** Whether the server does not answer, or has no such recording. */
  private async whyMissing(id: string): Promise<"away" | "gone"> {
    const list = await this.door.list();
    return list && !list.some((one) => one.id === id) ? "gone" : "away";
  }

  /** How many readings the server has of a recording that has no end yet. */
  private async countOf(id: string): Promise<number | undefined> {
    return (await this.door.list())?.find((one) => one.id === id)?.readings;
  }

  drawAgain(): void {
    this.state.setState(({ drawn }) => ({ drawn: drawn + 1 }));
  }

  async askInstruments(): Promise<void> {
    if (this.store.getState().readOnly) return;
    const instruments = await this.door.instruments();
    this.set({ instruments: instruments ?? "away" });
    const { instrument } = this.state.getState();
    const free = instruments?.find(({ inUse }) => !inUse);
    if (!instrument && free && instruments?.length === 1) await this.choose(free.name);
  }

  /** Takes an instrument in hand and asks what it is. */
  async choose(name: string): Promise<void> {
    this.set({ instrument: name, described: undefined, said: undefined });
    await this.ask({ kind: "describe" });
  }

  /** Puts the instrument in hand by; another bench may take it. */
  putDown(): void {
    this.set({ instrument: undefined, described: undefined, said: undefined });
  }

  /** Asks something of the instrument in hand; what it says against it becomes a sentence. */
  async ask(request: InstrumentRequest): Promise<boolean> {
    const { instrument, described } = this.state.getState();
    if (!instrument) return false;
    const reply = await this.door.ask(instrument, request);
    if (this.state.getState().instrument !== instrument) return false;
    if (reply?.kind === "described") this.set({ described: reply.description });
    const against = saidAgainst(reply);
    if (against) this.set({ said: against });
    else if (request.kind !== "describe" || !described) this.set({ said: request.kind === "zero" ? instrumentWords.zeroed : undefined });
    if (reply?.kind === "ended" && reply.why === "in-use" && !described) this.askSoon(instrument);
    return !against;
  } // prettier-ignore

  /** Another bench has it: it is asked again until it is free, or another one is chosen. */
  private askSoon(instrument: string): void {
    setTimeout(() => {
      const { instrument: still, described, shown } = this.state.getState();
      if (still === instrument && !described && shown) void this.ask({ kind: "describe" });
    }, asksEvery);
  }

  /** The present value of each channel of the instrument in hand; undefined where it tells none. */
  async single(): Promise<readonly (number | null)[] | undefined> {
    const { instrument } = this.state.getState();
    const reply = instrument ? await this.door.ask(instrument, { kind: "single" }) : undefined;
    if (reply?.kind === "single") return reply.values;
    this.set({ said: saidAgainst(reply) });
    return undefined;
  }

  /** Sets something and asks what the instrument is from then on. */
  async change(request: InstrumentRequest): Promise<void> {
    if (await this.ask(request)) await this.ask({ kind: "describe" });
  }

  /** Begins to record with the instrument in hand. */
  record(): void {
    const { instrument } = this.state.getState();
    if (!instrument) return;
    this.run(
      instrument,
      serverFeed((from) => this.door.streamOf(instrument, from)),
    );
  }

  /** Begins to record what comes of a feed. */
  run(instrument: string, feed: OpenFeed): void {
    if (this.state.getState().running) return;
    const id = nanoid(10);
    const begunAt = new Date().toISOString();
    const recording: LiveRecording = new LiveRecording({
      id,
      feed,
      door: this.door,
      hears: {
        begun: (described) => {
          const { houseRules } = this.store.getState().document;
          const how = inItsLanguage(houseRules, () => recordedBy(described));
          doAct(
            this.store,
            keepRecording,
            { id, name: "", how, readings: 0, begunAt, outline: [] },
            id,
          );
          if (recording.trace) this.keepSource(id, new GrownSource(recording.trace));
          this.take(id);
        },
        paced: (pace) => this.paced(id, pace),
        ended: (readings, why) => this.ended(id, readings, instrumentWords.why[why]),
      },
    });
    this.set({ running: { id, instrument, recording }, said: undefined });
  }

  private ended(id: string, readings: number, sentence: string): void {
    const source = this.state.getState().sources[id];
    const how = this.recordings[id]?.how;
    const outline = how && typeof source === "object" ? outlineOfSource(source, how) : [];
    if (how && readings === 0) doAct(this.store, removeRecording, { id });
    else if (how) doAct(this.store, setRecording, { id, choices: { readings, outline } }, id);
    const { running } = this.state.getState();
    this.set({ running: undefined, said: sentence || undefined });
    if (running && readings > 0) this.settle(running);
    this.drawAgain();
  }

  /** Until the server has all of a recording, it is said where it is. */
  private settle(ended: Running): void {
    this.state.setState(({ settling }) => ({ settling: [...settling, ended] }));
    const stop = ended.recording.state.subscribe(({ kept }) => {
      if (kept !== "kept") return;
      stop();
      this.state.setState(({ settling }) => ({ settling: settling.filter((one) => one !== ended) }));
    });
  } // prettier-ignore

  /** Stops the recording that runs; it ends by itself where the instrument does not answer. */
  async stop(): Promise<void> {
    const { running } = this.state.getState();
    if (!running) return;
    const { instrument, described } = this.state.getState();
    if (running.instrument !== instrument) return running.recording.end("stopped");
    const reply = await this.door.ask(instrument, { kind: "stop" });
    if (reply?.kind !== "done" || described?.keeps === false) return running.recording.end("stopped");
    setTimeout(() => running.recording.end("stopped"), stopsWithin);
  } // prettier-ignore

  /** Ends a recording that was broken off: with the readings that the server has. */
  async close(id: string): Promise<void> {
    const recording = this.recordings[id];
    if (!recording) return;
    const readings = await this.countOf(id);
    if (readings === undefined) return this.set({ said: instrumentWords.away });
    await this.door.doorOf(id, recording.how).stop();
    doAct(this.store, setRecording, { id, choices: { readings } });
    await this.lookAgain(id);
    const source = this.state.getState().sources[id];
    const outline = typeof source === "object" ? outlineOfSource(source, recording.how) : [];
    doAct(this.store, setRecording, { id, choices: { outline } });
  }

  /** How long a recording lasts, in s, as far as it is known here. */
  lasting(id: string): number {
    const recording = this.recordings[id];
    const source = this.state.getState().sources[id];
    if (!recording || typeof source !== "object") return 0;
    const last = recording.how.tells === "events" ? source.readings(0, source.count - 1, source.count)?.values[0] : 0; // prettier-ignore
    return lastingOf(recording.how, source.count, last);
  }

  /** Takes a stretch in hand, its ends in order; the lower trace shows it. */
  draw(stretch: Stretch | undefined): void {
    if (!stretch) return this.set({ stretch: undefined, found: undefined });
    const from = Math.min(stretch.from, stretch.to);
    const to = Math.max(stretch.from, stretch.to);
    this.set({ stretch: { from, to } });
  }

  /** Takes the stretch and the choices of something read off in hand again. */
  takeInHand(entry: ReadOffEntry): void {
    const { recording, channel, from, to } = entry;
    this.take(recording);
    this.set({ channel, stretch: { from, to }, view: undefined, reading: readingOf(entry), chosen: true });
  } // prettier-ignore

  look(view: Stretch | undefined): void {
    this.set({ view });
  }

  /** The page is left. */
  leave(): void {
    const { running, settling } = this.state.getState();
    for (const { recording } of [...settling, ...(running ? [running] : [])]) recording.leave();
  }
}
