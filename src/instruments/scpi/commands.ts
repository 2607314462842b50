import type { RecordingMemory } from "../recordingMemory";
import type { Shown, Simulated } from "../simulated";
import { type ErrorNumber, eventBits, type Status } from "./status";

/** What a command comes to: an answer, nothing, or an error. */
export type Outcome = string | ErrorNumber | undefined;

/** What a device can do, for commands to ask for it. */
export interface Commanded {
  readonly status: Status;
  readonly instrument: Simulated;
  readonly identity: string;
  /** After so many readings a recording ends by itself; Infinity for never. */
  wanted: number;
  /** As it was when it was switched on, but warm; nothing is recorded. */
  readonly reset: () => undefined;
  /** Another one of its kind, cold. */
  readonly replaced: (seed: number) => undefined;
  readonly begin: () => Outcome;
  readonly abort: () => undefined;
  /** The apparatus is let go. */
  readonly release: () => undefined;
  /** Sets something on the apparatus; whether it is within its bounds. */
  readonly set: (key: string, value: number) => boolean;
  /** The memory with all that came until now. */
  readonly caughtUp: () => RecordingMemory;
  /** One reading beside a recording; undefined where the instrument tells none. */
  readonly single: () => Shown | undefined;
  /** Fulfilled once nothing goes on that ends by itself. */
  readonly done: () => Promise<void>;
  /** The key of a setting in one of its forms; undefined where the apparatus has none such. */
  readonly settingKey: (word: string) => string | undefined;
}

/** A command or query by its header: how many parameters it takes, and what it does. */
export interface Command {
  readonly header: string;
  readonly parameters: number;
  readonly run: (device: Commanded, parameters: readonly string[]) => Outcome | Promise<Outcome>;
}

/** SCPI's number for one that is none. */
const notANumber = "9.91E37";

/** A number as it goes over the line: with all its figures, and no more (NR3 where it needs one). */
export function writtenNumber(value: number): string {
  return Number.isNaN(value) ? notANumber : String(value).toUpperCase();
}

/** A number that came over the line; undefined where it is none. */
export function readNumber(text: string): number | undefined {
  const isNumber = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(text.trim());
  return isNumber ? Number(text) : undefined;
}

const quoted = (text: string) => `"${text.replaceAll('"', '""')}"`;

/** A register that is set by a whole number of one byte. */
function register(
  write: (device: Commanded, value: number) => void,
): Command["run"] {
  return (device, [text = ""]) => {
    const value = readNumber(text);
    if (value === undefined) return -120;
    if (!(value >= 0 && value <= 255)) return -222;
    write(device, Math.round(value));
    return undefined;
  };
} // prettier-ignore

/** What is common to all instruments (IEEE 488.2, ch. 10). */
const common: readonly Command[] = [
  { header: "*IDN?", parameters: 0, run: ({ identity }) => identity },
  { header: "*RST", parameters: 0, run: (device) => device.reset() },
  { header: "*CLS", parameters: 0, run: (device) => device.status.clear() as undefined },
  { header: "*ESE", parameters: 1, run: register(({ status }, value) => void (status.eventEnable = value)) },
  { header: "*ESE?", parameters: 0, run: ({ status }) => String(status.eventEnable) },
  { header: "*ESR?", parameters: 0, run: ({ status }) => String(status.takeEvents()) },
  { header: "*SRE", parameters: 1, run: register(({ status }, value) => void (status.serviceEnable = value)) },
  { header: "*SRE?", parameters: 0, run: ({ status }) => String(status.serviceEnable) },
  { header: "*STB?", parameters: 0, run: ({ status }) => String(status.byte) },
  { header: "*TST?", parameters: 0, run: () => "0" },
  {
    header: "*OPC",
    parameters: 0,
    run: (device) => {
      void device.done().then(() => device.status.happened(eventBits.operationComplete));
      return undefined;
    },
  },
  { header: "*OPC?", parameters: 0, run: async (device) => {
      await device.done();
      return "1";
    } },
  { header: "*WAI", parameters: 0, run: async (device) => {
      await device.done();
      return undefined;
    } },
]; // prettier-ignore

const recording: readonly Command[] = [
  { header: "INITiate[:IMMediate]", parameters: 0, run: (device) => device.begin() },
  { header: "INITiate:STATe?", parameters: 0, run: (device) => (device.caughtUp().recording ? "1" : "0") },
  { header: "ABORt", parameters: 0, run: (device) => device.abort() },
  { header: "READ?", parameters: 0, run: (device) => device.single()?.map(writtenNumber).join(",") ?? -200 },
  { header: "DATA:POINts?", parameters: 0, run: (device) => String(device.caughtUp().waiting) },
  {
    header: "DATA:REMove?",
    parameters: 1,
    run: (device, [text = ""]) => {
      const most = readNumber(text);
      if (most === undefined) return -120;
      if (!(most >= 1)) return -222;
      const taken = device.caughtUp().take(Math.floor(most));
      return taken
        .map(({ number, shown }) => [number, ...shown].map(writtenNumber).join(","))
        .join(",");
    },
  },
  {
    header: "TRIGger:TIMer",
    parameters: 1,
    run: ({ instrument }, [text = ""]) => {
      const seconds = readNumber(text);
      if (seconds === undefined) return -120;
      return instrument.setRate(1 / seconds) ? undefined : -222;
    },
  },
  { header: "TRIGger:TIMer?", parameters: 0, run: ({ instrument }) => writtenNumber(1 / instrument.rate) },
  {
    header: "TRIGger:COUNt",
    parameters: 1,
    run: (device, [text = ""]) => {
      const count = /^inf(inity)?$/i.test(text) ? Infinity : readNumber(text);
      if (count === undefined) return -120;
      if (!(count >= 1)) return -222;
      device.wanted = Math.floor(count);
      return undefined;
    },
  },
  { header: "TRIGger:COUNt?", parameters: 0, run: ({ wanted }) => (wanted === Infinity ? "9.9E37" : String(wanted)) },
]; // prettier-ignore

const described: readonly Command[] = [
  { header: "SYSTem:ERRor[:NEXT]?", parameters: 0, run: ({ status }) => status.takeError() },
  { header: "SYSTem:VERSion?", parameters: 0, run: () => "1999.0" },
  { header: "INSTrument:TELLs?", parameters: 0, run: ({ instrument }) => instrument.kind.tells.toUpperCase() },
  { header: "INSTrument:CLOCk?", parameters: 0, run: ({ instrument: { kind } }) => [kind.tick, kind.clock].map(writtenNumber).join(",") },
  {
    header: "CHANnel:CATalog?",
    parameters: 0,
    run: ({ instrument: { kind } }) =>
      kind.channels
        .map(({ name, symbol, unit, nature, least, greatest }) => {
          const numbers = [nature.resolution, nature.noise, nature.zero, nature.scale, least, greatest];
          return [...[name, symbol, unit].map(quoted), ...numbers.map(writtenNumber)].join(",");
        })
        .join(","),
  },
  { header: "CALibration:ZERO", parameters: 0, run: ({ instrument }) => instrument.zero() as undefined },
]; // prettier-ignore

const apparatus: readonly Command[] = [
  {
    header: "APParatus:CATalog?",
    parameters: 0,
    run: ({ instrument: { kind } }) =>
      kind.apparatus.settings
        .map(({ key, name, unit, least, greatest }) =>
          [key.toUpperCase(), quoted(name), quoted(unit), writtenNumber(least), writtenNumber(greatest)].join(","),
        )
        .join(","),
  },
  {
    header: "APParatus:SET",
    parameters: 2,
    run: (device, [key = "", text = ""]) => {
      const [known, value] = [device.settingKey(key), readNumber(text)];
      if (known === undefined) return -224;
      if (value === undefined) return -120;
      return device.set(known, value) ? undefined : -222;
    },
  },
  {
    header: "APParatus:SET?",
    parameters: 1,
    run: (device, [key = ""]) => {
      const known = device.settingKey(key);
      return known === undefined ? -224 : writtenNumber(device.instrument.settings[known] ?? NaN);
    },
  },
  { header: "APParatus:RELease", parameters: 0, run: (device) => device.release() },
  {
    header: "APParatus:SEED",
    parameters: 1,
    run: (device, [text = ""]) => {
      const seed = readNumber(text);
      if (seed === undefined) return -120;
      return device.replaced(Math.floor(seed));
    },
  },
]; // prettier-ignore

/** All that a bench instrument understands. */
export const commands: readonly Command[] = [...common, ...described, ...recording, ...apparatus];
