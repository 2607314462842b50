import { type RecordedNumbers, recordingLimits } from "@/protocol/recordings";
import type { GrowingTrace } from "./growingTrace";

/** What the device keeps of a recording until the server has it. */
export interface DevicePieces {
  readonly keep: (first: number, numbers: RecordedNumbers) => Promise<void>;
  /** Lets go of what lies before a reading. */
  readonly drop: (before: number) => Promise<void>;
}

/** How sending went: so many readings the server has, it is away, or it takes none of them any more. */
export type Sent = number | "away" | "gone";

/** Takes a recording to the server. */
export interface RecordingDoor {
  readonly send: (first: number, numbers: RecordedNumbers) => Promise<Sent>;
  readonly stop: () => Promise<"stopped" | "away" | "gone">;
}

/** Where a recording stands: "kept" by the server, still "sending", "away" and on this device alone, or "gone". */
export type RecordingState = "sending" | "kept" | "away" | "gone";

/**
 * Brings what comes in to the device at once and to the server when it answers; nothing is forgotten before the server has
 * said that it has it.
 */
export class RecordingOutbox {
  state: RecordingState = "sending";
  private onDevice: number;
  private atServer: number;
  private ended = false;
  private turn: Promise<void> = Promise.resolve();

  /** @param from so many readings the server has already. */
  constructor(
    private readonly trace: GrowingTrace,
    private readonly device: DevicePieces,
    private readonly door: RecordingDoor,
    from = 0,
  ) {
    this.onDevice = this.atServer = from;
  }

  /** Brings along what came since; one turn after the other. */
  flush(): Promise<void> {
    this.turn = this.turn.then(() => this.bring()).catch(() => void (this.state = "away"));
    return this.turn;
  }

  /** Nothing more comes: brings the rest, and stops the recording at the server once it has all. */
  end(): Promise<void> {
    this.ended = true;
    return this.flush();
  }

  private async bring(): Promise<void> {
    if (this.state === "gone" || this.state === "kept") return;
    await this.keep();
    while (this.atServer < this.trace.count) {
      const to = Math.min(this.trace.count, this.atServer + recordingLimits.atOnce);
      const sent = await this.door.send(this.atServer, this.trace.between(this.atServer, to));
      if (typeof sent === "string") return void (this.state = sent);
      this.atServer = Math.max(this.atServer, Math.min(sent, to));
      if (sent < to) return void (this.state = "away");
      await this.device.drop(this.atServer);
    }
    this.state = "sending";
    if (this.ended) await this.stop();
  }

  private async keep(): Promise<void> {
    const { count } = this.trace;
    if (count === this.onDevice) return;
    const first = this.onDevice;
    await this.device.keep(first, this.trace.between(first, count));
    this.onDevice = count;
  }

  private async stop(): Promise<void> {
    const said = await this.door.stop();
    this.state = said === "stopped" ? "kept" : said;
  }
}
