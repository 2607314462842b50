import { SerialLines } from "@/intake/recordings/serialLines";
import { SerialPace } from "@/intake/recordings/serialPace";
import type { Pace } from "@/investigation/model/recording";
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
const described = (channels: number, { step, clock }: Pace): DescribedInstrument => ({
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
  clock,
  keeps: false,
  settings: [],
});

/** Lines of a port as news of a recording: those that came before the pace was known come with its beginning. */
class SerialNews {
  private readonly lines = new SerialLines();
  private readonly paced = new SerialPace();
  private rows: number[][] = [];
  private numbers: number[] = [];
  private begun = false;
  private told = 0;

  constructor(private readonly hears: FeedHears) {}

  take(text: string, time: number): void {
    for (const row of this.lines.push(text)) {
      this.rows.push(row);
      this.numbers.push(...this.paced.take(time));
    }
    if (this.lines.rubbish > this.told) {
      this.told = this.lines.rubbish;
      this.hears.news({ kind: "rubbish", count: this.told });
    }
    this.pass();
  }

  /** Nothing more comes: tells what still waited, and the pace as all of it says. */
  end(): void {
    this.numbers.push(...this.paced.end());
    this.pass();
    const { pace } = this.paced;
    if (this.begun && pace) this.hears.news({ kind: "pace", ...pace });
  }

  private pass(): void {
    const { pace } = this.paced;
    if (!this.begun && pace) this.hears.news({ kind: "begun", description: described(this.lines.channels ?? 1, pace) }); // prettier-ignore
    this.begun ||= pace !== undefined;
    if (!this.begun) return;
    this.numbers.forEach((first, at) => {
      const row = this.rows[at] ?? [];
      this.hears.news({ kind: "piece", first, values: row.map((value) => [value]) });
    });
    this.rows = this.rows.slice(this.numbers.length);
    this.numbers = [];
  }
}

/** A port that is listened to until it is closed, by either side. */
class Listening {
  private over = false;
  private reader: ReadableStreamDefaultReader<Uint8Array> | undefined;
  private readonly news: SerialNews;

  constructor(
    private readonly port: SerialPort,
    private readonly hears: FeedHears,
  ) {
    this.news = new SerialNews(hears);
  }

  async run(baudRate: number): Promise<void> {
    try {
      await this.port.open({ baudRate });
      this.hears.opened();
      this.reader = this.port.readable?.getReader();
      await this.read();
    } catch {
      // A port that is pulled out ends the recording like one that says no more.
    }
    if (!this.over) {
      this.over = true;
      this.news.end();
      this.hears.news({ kind: "ended", why: "line-lost" });
    }
    this.reader?.releaseLock();
    await this.port.close().catch(() => undefined);
  }

  private async read(): Promise<void> {
    const decoder = new TextDecoder();
    while (this.reader && !this.over) {
      const { done, value } = await this.reader.read();
      if (done) return;
      this.news.take(decoder.decode(value, { stream: true }), performance.now() / 1000);
    }
  }

  close(): void {
    if (!this.over) this.news.end();
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
