import type { InstrumentKind } from "../instrumentKind";
import { RecordingMemory } from "../recordingMemory";
import { type Shown, Simulated } from "../simulated";
import { type Command, type Commanded, commands, type Outcome } from "./commands";
import { isHeader, isKey, type MessageUnit, messageUnits } from "./message";
import { Status } from "./status";

/** A clock in s, and a way to wait for so many of them. */
export interface Clock {
  readonly now: () => number;
  readonly wait: (seconds: number) => Promise<void>;
}

/** Waiting goes on in pieces, so that what is stopped meanwhile is seen, in s. */
const longestWait = 0.05;

function commandFor({ path, query }: MessageUnit): Command | undefined {
  return commands.find(
    ({ header }) => header.endsWith("?") === query && isHeader(path, header.replace(/\?$/, "")),
  );
}

/** A simulated instrument as it stands at the end of a line and speaks SCPI (SCPI-1999 on IEEE 488.2-1992). */
export class Device implements Commanded {
  readonly status = new Status();
  instrument: Simulated;
  private memory: RecordingMemory;
  wanted = Infinity;
  private switchedOn: number;
  /** When the apparatus was last set up, by the clock. */
  private setUp: number;

  constructor(
    readonly kind: InstrumentKind,
    private seed: number,
    private readonly clock: Clock,
  ) {
    this.instrument = new Simulated(kind, seed);
    this.memory = new RecordingMemory(this.instrument);
    this.switchedOn = this.setUp = clock.now();
  }

  get identity(): string {
    return `Fathom Rule,simulated ${this.kind.name},${this.seed},1`;
  }

  reset(): undefined {
    this.instrument = new Simulated(this.kind, this.seed);
    this.memory = new RecordingMemory(this.instrument);
    this.wanted = Infinity;
  }

  replaced(seed: number): undefined {
    this.seed = seed;
    this.switchedOn = this.clock.now();
    return this.reset();
  }

  begin(): Outcome {
    const now = this.clock.now();
    if (this.caughtUp().recording) return -213;
    this.memory.begin(now, now - this.switchedOn, this.wanted);
    return undefined;
  }

  abort(): undefined {
    this.memory.stop(this.clock.now());
  }

  release(): undefined {
    this.instrument.release(this.memory.lasting(this.clock.now()));
  }

  caughtUp(): RecordingMemory {
    this.memory.catchUp(this.clock.now());
    return this.memory;
  }

  set(key: string, value: number): boolean {
    this.setUp = this.clock.now();
    return this.instrument.set(key, value);
  }

  single(): Shown | undefined {
    const now = this.clock.now();
    return this.instrument.single(now - this.switchedOn, now - this.setUp);
  }

  async done(): Promise<void> {
    while (this.caughtUp().recording && this.wanted !== Infinity) {
      await this.clock.wait(longestWait);
    }
  }

  settingKey(word: string): string | undefined {
    return this.kind.apparatus.settings.find(({ key }) => isKey(word, key))?.key;
  }

  private async run(unit: MessageUnit | undefined): Promise<string | undefined> {
    const command = unit && commandFor(unit);
    if (!unit || !command) {
      this.status.fault(unit ? -113 : -102);
      return undefined;
    }
    const given = unit.parameters.length;
    if (given !== command.parameters) {
      this.status.fault(given < command.parameters ? -109 : -108);
      return undefined;
    }
    const outcome = await command.run(this, unit.parameters);
    if (typeof outcome !== "number") return outcome;
    this.status.fault(outcome);
    return undefined;
  }

  /** What it answers to a message, one answer behind the other; undefined where nothing was asked. */
  async answer(message: string): Promise<string | undefined> {
    const answers: string[] = [];
    for (const unit of messageUnits(message)) {
      const said = await this.run(unit);
      if (said !== undefined) answers.push(said);
    }
    return answers.length > 0 ? answers.join(";") : undefined;
  }
}
