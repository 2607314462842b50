import type { InstrumentEntry, InstrumentReply, InstrumentRequest } from "@/protocol/instruments";
import {
  numbersOf,
  type RecordedNumbers,
  type RecordingChange,
  type RecordingDescription,
  type RecordingEntry,
  type RecordingKind,
} from "@/protocol/recordings";
import { ownVersion, versionHeader } from "@/protocol/versions";
import type { RecordingDoor, Sent } from "./outbox";

const patience = 15_000;

/** Asks the server; undefined where it does not answer, else what it said. */
async function asked(address: string, sending: RequestInit = {}): Promise<Response | undefined> {
  try {
    const headers = { [versionHeader]: ownVersion, ...sending.headers };
    return await fetch(address, { ...sending, headers, signal: AbortSignal.timeout(patience) });
  } catch {
    return undefined;
  }
}

const asJson = (body: unknown): RequestInit => ({
  method: "POST",
  body: JSON.stringify(body),
  headers: { "content-type": "application/json" },
});

/** Statuses after which sending again can help: nobody there, too many, a stumble. */
const isAway = ({ status }: Response) => status === 429 || status === 408 || status >= 500;

/** What browser and server say to each other about the recordings of one investigation. */
export class RecordingsDoor {
  private readonly at: string;
  /** The end of what was last asked of each instrument. */
  private readonly turns = new Map<string, Promise<unknown>>();

  constructor(investigationId: string) {
    this.at = `/api/investigations/${investigationId}`;
  }

  /** Where news of an instrument's recording come from; `from` goes on with one that was heard before. */
  streamOf(instrument: string, from?: number): string {
    const address = `${this.at}/instruments/${encodeURIComponent(instrument)}`;
    return from === undefined ? address : `${address}?from=${from}`;
  }

  /** The instruments that may be read; undefined while the server does not answer. */
  async instruments(): Promise<readonly InstrumentEntry[] | undefined> {
    const response = await asked(`${this.at}/instruments`);
    return response?.ok ? ((await response.json()) as InstrumentEntry[]) : undefined;
  }

  /**
   * Asks something of an instrument, after all that was asked of it before has been answered; only a stop waits for nothing.
   * Undefined while the server does not answer.
   */
  ask(name: string, request: InstrumentRequest): Promise<InstrumentReply | undefined> {
    const now = async () => {
      const response = await asked(`${this.at}/instruments`, asJson({ name, request }));
      return response?.ok ? ((await response.json()) as InstrumentReply) : undefined;
    };
    if (request.kind === "stop") return now();
    const reply = (this.turns.get(name) ?? Promise.resolve()).then(now);
    this.turns.set(
      name,
      reply.catch(() => undefined),
    );
    return reply;
  }

  /** The recordings that the server has; undefined while it does not answer. */
  async list(): Promise<readonly RecordingEntry[] | undefined> {
    const response = await asked(`${this.at}/recordings`);
    return response?.ok ? ((await response.json()) as RecordingEntry[]) : undefined;
  }

  private async change(change: RecordingChange): Promise<"done" | "away" | "gone"> {
    const response = await asked(`${this.at}/recordings`, asJson(change));
    if (response?.ok) return "done";
    return !response || isAway(response) ? "away" : "gone";
  }

  /** The way of one recording to the server, which hears of it when it first answers. */
  doorOf(id: string, description: RecordingDescription): RecordingDoor {
    let begun = false;
    const begin = async () => {
      if (begun) return "done";
      const said = await this.change({ kind: "begin", id, description });
      begun = said === "done";
      return said;
    };
    return {
      send: async (first, numbers): Promise<Sent> => {
        const said = await begin();
        if (said !== "done") return said;
        return this.send(id, first, numbers);
      },
      stop: async () => {
        const said = await begin();
        if (said !== "done") return said;
        const stopped = await this.change({ kind: "stop", id });
        return stopped === "done" ? "stopped" : stopped;
      },
    };
  }

  private async send(id: string, first: number, numbers: RecordedNumbers): Promise<Sent> {
    const body = new Uint8Array(numbers.buffer, numbers.byteOffset, numbers.byteLength);
    const headers = { "content-type": "application/octet-stream" };
    const response = await asked(`${this.at}/recordings/${id}?first=${first}`, {
      method: "POST",
      body,
      headers,
    });
    if (response?.ok) return ((await response.json()) as { readings: number }).readings;
    return !response || isAway(response) ? "away" : "gone";
  }

  /** Readings from one number to before another, one channel behind the other; undefined where they can't be had now. */
  async readings(
    id: string,
    tells: RecordingKind,
    from: number,
    to: number,
  ): Promise<RecordedNumbers | undefined> {
    const response = await asked(`${this.at}/recordings/${id}?from=${from}&to=${to}`);
    return response?.ok ? numbersOf(tells, await response.arrayBuffer()) : undefined;
  }

  /** Least and greatest of the whole recording at a level. */
  async level(id: string, level: number): Promise<Float32Array | undefined> {
    const response = await asked(`${this.at}/recordings/${id}?level=${level}`);
    return response?.ok ? new Float32Array(await response.arrayBuffer()) : undefined;
  }
}
