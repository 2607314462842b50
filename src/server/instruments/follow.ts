import { setTimeout as wait } from "node:timers/promises";
import type { DescribedInstrument, RecordingNews, WhyEnded } from "@/protocol/instruments";
import type { AllowedInstrument } from "./allowed";
import { describeInstrument, numberIn } from "./describe";
import { readAnswer } from "./pieces";
import { LineBroken, ScpiLine } from "./scpiLine";

/** In ms: how often what came is fetched, and a broken line tried again. */
const [fetchedEvery, triedEvery] = [40, 400];
/** In ms: a line that is not back by then is lost. */
const backWithin = 20_000;
/** So many at a time, and so many answers that can't be read end it. */
const [mostAtOnce, mostRubbish] = [8192, 50];
const whatCame = `DATA:REM? ${mostAtOnce};:INIT:STAT?;:DATA:POIN?`;

interface Followed {
  readonly instrument: AllowedInstrument;
  /** Hears what comes of it. */
  readonly say: (news: RecordingNews) => void;
  /** Nobody listens any more: the instrument goes on until it is stopped, and somebody may come back. */
  readonly signal: AbortSignal;
  /** Where somebody listened to this recording before: the number that is wanted next. */
  readonly from: number | undefined;
}

/** One recording of an instrument as it goes on: a break in the line is told and survived. */
class Following {
  private next: number;
  private rubbish = 0;
  private description: DescribedInstrument | undefined;
  private begunAt = 0;

  constructor(private readonly of: Followed) {
    this.next = of.from ?? 0;
  }

  private open(): Promise<ScpiLine> {
    return ScpiLine.open(this.of.instrument.host, this.of.instrument.port);
  }

  /** Tries the line again until it is back; undefined where it does not come back. */
  private async again(): Promise<ScpiLine | undefined> {
    const until = Date.now() + backWithin;
    while (Date.now() < until && !this.of.signal.aborted) {
      await wait(triedEvery);
      try {
        return await this.open();
      } catch (error) {
        if (!(error instanceof LineBroken)) throw error;
      }
    }
    return undefined;
  }

  private async begin(line: ScpiLine): Promise<void> {
    this.description = await describeInstrument(this.of.instrument.name, line);
    this.of.say({ kind: "begun", description: this.description });
    if (this.of.from === undefined && this.description.keeps)
      line.send("ABOR;:TRIG:COUN INF;:INIT");
    this.begunAt = performance.now();
  }

  /** What came since, of an instrument that keeps it. */
  private async fetch(line: ScpiLine, channels: number): Promise<WhyEnded | undefined> {
    const [kept = "", state = "1", waiting = ""] = (await line.ask(whatCame)).split(";");
    const { pieces, rubbish, beganAnew } = readAnswer(kept, channels, this.next);
    if (beganAnew) return "begun-anew";
    for (const { first, values } of pieces) {
      this.of.say({ kind: "piece", first, values });
      this.next = first + (values[0]?.length ?? 0);
    }
    if (rubbish > 0) return this.couldNotRead(rubbish);
    return state === "0" && waiting === "0" ? "stopped" : undefined;
  }

  /** The next reading of an instrument that is asked for each: what time went over is lost. */
  private async single(line: ScpiLine, step: number): Promise<WhyEnded | undefined> {
    const due = Math.floor((performance.now() - this.begunAt) / 1000 / step);
    if (due < this.next) return undefined;
    const value = numberIn(await line.ask("READ?"));
    if (!Number.isFinite(value)) return this.couldNotRead(1);
    this.of.say({ kind: "piece", first: due, values: [[value]] });
    this.next = due + 1;
    return undefined;
  }

  private couldNotRead(count: number): WhyEnded | undefined {
    this.rubbish += count;
    this.of.say({ kind: "rubbish", count: this.rubbish });
    return this.rubbish > mostRubbish ? "rubbish" : undefined;
  }

  /** Until it is stopped, or something ends it. @throws LineBroken */
  private async along(line: ScpiLine): Promise<WhyEnded | undefined> {
    if (!this.description) await this.begin(line);
    const { keeps = false, channels = [], step = 1 } = this.description ?? {};
    while (!this.of.signal.aborted) {
      const ended = keeps ? await this.fetch(line, channels.length) : await this.single(line, step);
      if (ended) return ended;
      await wait(fetchedEvery);
    }
    return undefined;
  }

  async run(): Promise<void> {
    let line = await this.open().catch(() => undefined);
    if (!line) return this.of.say({ kind: "ended", why: "not-there" });
    for (;;) {
      try {
        const ended = await this.along(line);
        line.close();
        return ended && this.of.say({ kind: "ended", why: ended });
      } catch (error) {
        line.close();
        if (!(error instanceof LineBroken)) throw error;
      }
      this.of.say({ kind: "broken" });
      line = await this.again();
      if (!line) return this.of.say({ kind: "ended", why: "line-lost" });
      this.of.say({ kind: "back" });
    }
  }
}

/** Follows a recording of an instrument until it is stopped, ends, or nobody listens; whoever begins it begins the recording. */
export function followInstrument(of: Followed): Promise<void> {
  return new Following(of).run();
}
