import { SerialLines, SerialNumbers } from "@/intake/recordings/serialLines";
import type { DescribedInstrument } from "@/protocol/instruments";
import { serialWords } from "@/wording/instruments";
import type { FeedHears, OpenFeed } from "./feed";

/** A serial port as the browser gives it (Web Serial API, WICG draft). */
export interface SerialPort {
  readonly open: (options: { readonly baudRate: number }) => Promise<void>;
  readonly close: () => Promise<void>;
  readonly readable: ReadableStream<Uint8Array> | null;
}

interface Serial {
  readonly requestPort: () => Promise<SerialPort>;
}

/** How fast a line may be, in baud. */
export const baudRates = ["9600", "19200", "57600", "115200"] as const;
export type BaudRate = (typeof baudRates)[number];

/** What the browser has for serial ports; undefined where it has nothing. */
export const serialOf = (): Serial | undefined =>
  (navigator as Navigator & { readonly serial?: Serial }).serial;

/** A microcontroller that prints numbers, of which nothing is known but how many and how often. */
const described = (channels: number, step: number): DescribedInstrument => ({
  identity: "",
  instrument: serialWords.instrument,
  tells: "readings",
  channels: Array.from({ length: channels }, (_channel, at) => ({
    name: channels === 1 ? serialWords.channel : `${serialWords.channel} ${at + 1}`,
    symbol: channels === 1 ? "x" : `x_${at + 1}`,
    unit: "",
    resolution: 0,
    zero: 0,
    scale: 0,
  })),
  step,
  clock: 0,
  keeps: false,
  settings: [],
});

/** Lines of a port as news of a recording: those that came before the step was known come with its beginning. */
class SerialNews {
  private readonly lines = new SerialLines();
  private readonly numbers = new SerialNumbers();
  private held: { readonly number: number; readonly row: readonly number[] }[] = [];
  private begun = false;
  private told = 0;

  constructor(private readonly hears: FeedHears) {}

  take(text: string, time: number): void {
    for (const row of this.lines.push(text)) {
      this.held.push({ number: this.numbers.numberAt(time), row });
    }
    if (this.lines.rubbish > this.told) {
      this.told = this.lines.rubbish;
      this.hears.news({ kind: "rubbish", count: this.told });
    }
    const { step } = this.numbers;
    if (step === undefined) return;
    if (!this.begun) this.hears.news({ kind: "begun", description: described(this.lines.channels ?? 1, step) }); // prettier-ignore
    this.begun = true;
    this.pass();
  }

  private pass(): void {
    for (const { number, row } of this.held) {
      this.hears.news({ kind: "piece", first: number, values: row.map((value) => [value]) });
    }
    this.held = [];
  }
}

/** A port that is listened to until it is closed, by either side. */
class Listening {
  private over = false;
  private reader: ReadableStreamDefaultReader<Uint8Array> | undefined;

  constructor(
    private readonly port: SerialPort,
    private readonly hears: FeedHears,
  ) {}

  async run(baudRate: number): Promise<void> {
    try {
      await this.port.open({ baudRate });
      this.hears.opened();
      this.reader = this.port.readable?.getReader();
      await this.read();
    } catch {
      // A port that is pulled out ends the recording like one that says no more.
    }
    if (!this.over) this.hears.news({ kind: "ended", why: "line-lost" });
    this.reader?.releaseLock();
    await this.port.close().catch(() => undefined);
  }

  private async read(): Promise<void> {
    const decoder = new TextDecoder();
    const news = new SerialNews(this.hears);
    while (this.reader && !this.over) {
      const { done, value } = await this.reader.read();
      if (done) return;
      news.take(decoder.decode(value, { stream: true }), performance.now() / 1000);
    }
  }

  close(): void {
    this.over = true;
    void this.reader?.cancel().catch(() => undefined);
  }
}

/** News by lines of text over a serial port. */
export const serialFeed =
  (port: SerialPort, baudRate: number): OpenFeed =>
  (hears) => {
    const listening = new Listening(port, hears);
    void listening.run(baudRate);
    return listening;
  };
