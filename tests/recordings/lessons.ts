/** Lessons at the simulated instruments, each with what is read off and what is true. */
import { type ChannelNature, singleReading } from "@/core/recording/channelNature";
import { meansOver, type TableReading } from "@/core/recording/asTable";
import { rateOf } from "@/core/recording/counting";
import { crossingsOf } from "@/core/recording/crossings";
import { extremesOf } from "@/core/recording/extremes";
import { gapsOfMoments, gapsOneByOne, meanGap, meanGapOfMoments } from "@/core/recording/gaps";
import { decayOfPeaks, frequencyOf, middleOf } from "@/core/recording/oscillation";
import type { ReadOff } from "@/core/recording/readOff";
import { spectrumOf, strongestFrequency } from "@/core/recording/spectrum";
import { readingsWithin, type Trace } from "@/core/recording/trace";
import { fitFamily } from "@/core/fit/families/fitFamily";
import type { RuledFamily } from "@/core/fit/families/curveRules";
import { fitWeightedLine } from "@/core/fit/weightedLine";
import { kindOf } from "@/instruments/catalogue";
import { Simulated } from "@/instruments/simulated";

/** What is to be found, and how it is found with one instrument of a seed. */
export interface Lesson {
  readonly name: string;
  readonly truth: number;
  readonly readOff: (seed: number) => ReadOff | undefined;
}

/** Switched on for so long, in s: it has warmed up. */
const warm = 900;

function instrument(key: string, seed: number, settings: Readonly<Record<string, number>> = {}) {
  const one = new Simulated(kindOf(key), seed);
  for (const [name, value] of Object.entries(settings)) one.set(name, value);
  one.zero();
  return one;
}

function truthOf(key: string, truth: string): number {
  const { apparatus } = kindOf(key);
  const settings = new Simulated(kindOf(key), 1).settings;
  return apparatus.truths(settings).find((one) => one.key === truth)?.value ?? NaN;
}

/** What the data sheet of an instrument says of its first channel. */
const natureOf = (key: string): ChannelNature => kindOf(key).channels[0]!.nature;

/** Records the first channel for so many s. */
function record(one: Simulated, seconds: number, lead?: number): Trace {
  one.begin(warm, lead);
  const count = Math.floor(seconds * one.rate) + 1;
  const values = Float64Array.from({ length: count }, () => one.next()?.[0] ?? NaN);
  return { start: 0, step: 1 / one.rate, values };
}

/** As one trims: what comes after the readings have left for good what they were at first. */
function trimmed(trace: Trace, start: number, depth: number): number {
  let i = trace.values.length - 1;
  while (i > 0 && !(Math.abs((trace.values[i] as number) - start) < depth)) i -= 1;
  return i * trace.step;
}

/** The swinging of the rule after it was let go. */
function swinging(seed: number, noiseGiven: boolean) {
  const trace = record(instrument("DISPlacement", seed), 10);
  const { noise, ...rest } = natureOf("DISPlacement");
  const nature = noiseGiven && noise !== undefined ? { ...rest, noise } : rest;
  const readings = readingsWithin(trace, { from: 2, to: 9.5 });
  const { uncertainty } = singleReading(nature, readings);
  return { readings, nature, uncertainty, turns: extremesOf(readings, 0.5, uncertainty) };
}

function periodOf(seed: number, noiseGiven: boolean): ReadOff | undefined {
  const { readings, nature, uncertainty, turns } = swinging(seed, noiseGiven);
  const middle = middleOf(turns);
  if (!middle) return undefined;
  const sought = { level: middle.value, depth: 0.5, uncertainty };
  const all = crossingsOf(readings, sought);
  return meanGap(all.filter(({ direction }) => direction === "rising"), middle, nature); // prettier-ignore
}

/** The same with what all readings share moved by its limit: how far that moves what is found. */
function withShared(
  rows: readonly TableReading[],
  zero: number,
  find: (rows: readonly TableReading[]) => ReadOff | undefined,
): ReadOff | undefined {
  const found = find(rows);
  const moved = find(rows.map((row) => ({ ...row, value: row.value + zero })));
  if (!found || !moved) return undefined;
  return { ...found, common: found.common + Math.abs(moved.value - found.value) };
}

/** Means over a second each of a discharging capacitor, as far as it tells. */
function discharge(seed: number): readonly TableReading[] {
  const trace = record(instrument("LOGGer", seed), 31);
  const readings = readingsWithin(trace, { from: trimmed(trace, 6, 0.1) + 0.2, to: 30 });
  return meansOver(readings, 10, singleReading(natureOf("LOGGer"), readings));
}

const { zero, clock } = natureOf("LOGGer");

function byLogarithm(rows: readonly TableReading[]): ReadOff | undefined {
  const outcome = fitWeightedLine(
    rows.map(({ time }) => time),
    rows.map(({ value }) => Math.log(value)),
    rows.map(({ value, uncertainty }) => uncertainty / value),
  );
  if (outcome.kind === "no-line") return undefined;
  const { slope, standardErrorOfSlope = NaN } = outcome.line;
  const value = -1 / slope;
  return { value, random: standardErrorOfSlope / slope ** 2, common: clock * value };
}

/** A parameter of a curve through rows, weighed by their ±. */
function byCurve(family: RuledFamily, parameter: string) {
  return (rows: readonly TableReading[]): ReadOff | undefined => {
    const deviations = rows.map(({ uncertainty }) => uncertainty);
    const outcome = fitFamily(
      family,
      rows.map(({ time }) => time),
      rows.map(({ value }) => value),
      { deviations },
    );
    if (outcome.kind === "no-curve") return undefined;
    const found = outcome.fit.parameters.find(({ name }) => name === parameter);
    if (found?.standardError === undefined) return undefined;
    return { value: found.value, random: found.standardError, common: 0 };
  };
}

/** −1/k of an exponential that falls with rate k. */
function timeConstant(rate: ReadOff | undefined): ReadOff | undefined {
  if (!rate) return undefined;
  const value = Math.abs(1 / rate.value);
  return { value, random: rate.random * value ** 2, common: clock * value };
}

function cooling(seed: number): ReadOff | undefined {
  const trace = record(instrument("TEMPerature", seed), 1800);
  const readings = readingsWithin(trace, { from: 5, to: 1800 });
  const nature = natureOf("TEMPerature");
  const rows = meansOver(readings, 30, singleReading(nature, readings));
  const found = byCurve("exponential-offset", "b")(rows);
  return (
    found && {
      ...found,
      value: Math.abs(found.value),
      common: nature.clock * Math.abs(found.value),
    }
  );
}

function counted(seed: number): ReadOff {
  const one = instrument("COUNter", seed);
  one.begin(warm);
  const lasting = 300;
  let count = 0;
  for (let i = 0; i < lasting * one.rate; i++) count += one.next()?.[0] ?? 0;
  return rateOf(count, lasting, { resolution: 0, zero: 0, scale: 0, clock: kindOf("COUNter").clock });
} // prettier-ignore

function gated(seed: number): ReadOff | undefined {
  const one = instrument("GATE", seed);
  one.begin(warm);
  const times = Array.from({ length: 30 }, () => one.next()?.[0] ?? NaN);
  const { tick, clock: part } = kindOf("GATE");
  const every = times.filter((_time, i) => i % 2 === 0);
  const moments = every.map((time) => ({ time, uncertainty: tick / Math.sqrt(12), run: 0 }));
  return meanGapOfMoments(moments, { resolution: 0, zero: 0, scale: 0, clock: part });
} // prettier-ignore

function pitch(seed: number, by: "crossings" | "spectrum"): ReadOff | undefined {
  const one = instrument("SOUNd", seed);
  const trace = record(one, 1, 0);
  const readings = readingsWithin(trace, { from: 0.1, to: 0.9 });
  const nature = natureOf("SOUNd");
  if (by === "spectrum") {
    const spectrum = spectrumOf(readings, trace.step);
    return spectrum && strongestFrequency(spectrum, nature.clock);
  }
  const { uncertainty } = singleReading(nature, readings);
  const sought = { level: 0, depth: 0.6, uncertainty };
  const rising = crossingsOf(readings, sought).filter(({ direction }) => direction === "rising");
  const gap = meanGap(rising, { value: 0, random: 0, common: nature.zero }, nature);
  return gap && frequencyOf(gap);
} // prettier-ignore

/** One gap alone: of two crossings, or of two peaks. */
function oneGap(seed: number, of: "crossings" | "peaks"): ReadOff | undefined {
  const { readings, nature, uncertainty, turns } = swinging(seed, true);
  const which = 1 + (seed % 4);
  if (of === "peaks") {
    const peaks = turns.filter(({ kind }) => kind === "peak");
    const moments = peaks.map(({ time, run, uncertaintyOfTime }) => ({ time, run, uncertainty: uncertaintyOfTime }));
    return gapsOfMoments(moments, nature)[which];
  }
  const middle = middleOf(turns);
  if (!middle) return undefined;
  const sought = { level: middle.value, depth: 0.5, uncertainty };
  const rising = crossingsOf(readings, sought).filter(({ direction }) => direction === "rising");
  return gapsOneByOne(rising, middle, nature)[which];
} // prettier-ignore

/** Every lesson whose ± must hold what is true. */
export const lessons: readonly Lesson[] = [
  {
    name: "period of the clamped rule, noise from the data sheet",
    truth: truthOf("DISPlacement", "PERiod"),
    readOff: (seed) => periodOf(seed, true),
  },
  {
    name: "period of the clamped rule, noise from the readings",
    truth: truthOf("DISPlacement", "PERiod"),
    readOff: (seed) => periodOf(seed, false),
  },
  {
    name: "one gap of two crossings",
    truth: truthOf("DISPlacement", "PERiod"),
    readOff: (seed) => oneGap(seed, "crossings"),
  },
  {
    name: "one gap of two peaks",
    truth: truthOf("DISPlacement", "PERiod"),
    readOff: (seed) => oneGap(seed, "peaks"),
  },
  { name: "period by a light gate", truth: truthOf("GATE", "PERiod"), readOff: gated },
  {
    name: "decay of the peaks",
    truth: truthOf("DISPlacement", "DECay"),
    readOff: (seed) => {
      const { turns, nature } = swinging(seed, true);
      return decayOfPeaks(turns, nature);
    },
  },
  {
    name: "time constant by ln",
    truth: truthOf("LOGGer", "TCONstant"),
    readOff: (seed) => withShared(discharge(seed), zero, byLogarithm),
  },
  {
    name: "time constant by curve",
    truth: truthOf("LOGGer", "TCONstant"),
    readOff: (seed) =>
      withShared(discharge(seed), zero, (rows) => timeConstant(byCurve("exponential", "b")(rows))),
  },
  { name: "rate of cooling", truth: truthOf("TEMPerature", "RATE"), readOff: cooling },
  { name: "rate of the counter", truth: truthOf("COUNter", "RATE"), readOff: counted },
  {
    name: "pitch by crossings",
    truth: truthOf("SOUNd", "PITCh"),
    readOff: (seed) => pitch(seed, "crossings"),
  },
  {
    name: "pitch by spectrum",
    truth: truthOf("SOUNd", "PITCh"),
    readOff: (seed) => pitch(seed, "spectrum"),
  },
];
