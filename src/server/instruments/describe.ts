import { splitOutsideQuotes } from "@/instruments/scpi/message";
import type { ApparatusSetting, DescribedInstrument } from "@/protocol/instruments";
import { recordingKinds, recordingLimits, type RecordedChannel } from "@/protocol/recordings";
import type { ScpiLine } from "./scpiLine";

/** SCPI says so where it has no number. */
const noNumber = 9.9e37;

/** A number of an answer; NaN for none. */
export function numberIn(text: string | undefined): number {
  const value = text === undefined || text.trim() === "" ? NaN : Number(text);
  return Math.abs(value) >= noNumber ? NaN : value;
}

const unquoted = (text = "") =>
  text
    .replace(/^"(.*)"$/, "$1")
    .replaceAll('""', '"')
    .slice(0, 80);

/** The parts of an answer, so many at a time. */
function inRows(answer: string, size: number): string[][] {
  const parts = answer === "" ? [] : splitOutsideQuotes(answer, ",");
  const rows: string[][] = [];
  for (let from = 0; from + size <= parts.length; from += size) rows.push(parts.slice(from, from + size));
  return rows;
} // prettier-ignore

function channelIn([name, symbol, unit, ...numbers]: readonly string[]): RecordedChannel {
  const [resolution = NaN, noise = NaN, zero = NaN, scale = NaN, least, greatest] = numbers.map(numberIn); // prettier-ignore
  return {
    name: unquoted(name),
    symbol: unquoted(symbol),
    unit: unquoted(unit),
    resolution: resolution >= 0 ? resolution : 0,
    ...(noise >= 0 && { noise }),
    zero: zero >= 0 ? zero : 0,
    scale: scale >= 0 && scale <= 1 ? scale : 0,
    ...(Number.isFinite(least) && { least }),
    ...(Number.isFinite(greatest) && { greatest }),
  };
}

async function settingsOf(line: ScpiLine): Promise<ApparatusSetting[]> {
  const settings: ApparatusSetting[] = [];
  for (const [key = "", name, unit, least, greatest] of inRows(await line.ask("APP:CAT?"), 5)) {
    const value = numberIn(await line.ask(`APP:SET? ${key}`));
    settings.push({ key, name: unquoted(name), unit: unquoted(unit), least: numberIn(least), greatest: numberIn(greatest), value }); // prettier-ignore
  }
  return settings;
}

/** An instrument of which nothing is known but that it is one: asked for each reading, once in half a second. */
const plain = {
  tells: "readings",
  channels: [{ name: "reading", symbol: "x", unit: "", resolution: 0, zero: 0, scale: 0 }],
  step: 0.5,
  clock: 0,
  keeps: false,
  settings: [],
} satisfies Omit<DescribedInstrument, "identity" | "instrument">;

/** Asks an instrument what it is: one of our own kind says all, any other one that answers *IDN? its name. @throws LineBroken */
export async function describeInstrument(
  name: string,
  line: ScpiLine,
): Promise<DescribedInstrument> {
  const identity = (await line.ask("*IDN?")).slice(0, 200);
  const ours = identity.startsWith("Fathom Rule,");
  if (!ours) return { ...plain, identity, instrument: name };
  const tells = (await line.ask("INST:TELL?")).toLowerCase();
  const [tick, clock = 0] = (await line.ask("INST:CLOC?")).split(",").map(numberIn);
  const rows = inRows(await line.ask("CHAN:CAT?"), 9).slice(0, recordingLimits.channels);
  const kind = recordingKinds.find((one) => one === tells) ?? "readings";
  const counted = { name: kind === "events" ? "moment" : "count", symbol: kind === "events" ? "t" : "N", unit: kind === "events" ? "s" : "" }; // prettier-ignore
  const channels = rows.length > 0 ? rows.map(channelIn) : [{ ...counted, resolution: kind === "events" ? (tick ?? 0) : 1, zero: 0, scale: 0 }]; // prettier-ignore
  const every = numberIn(await line.ask("TRIG:TIM?"));
  const step = kind === "events" ? (tick ?? NaN) : every;
  const settings = await settingsOf(line);
  return { identity, instrument: name, tells: kind, channels, step: step > 0 ? step : plain.step, clock, keeps: true, settings }; // prettier-ignore
}
