import { fitWeightedLine } from "../fit/weightedLine";
import { studentTFactor } from "../statistics/studentT";
import type { ChannelNature } from "./channelNature";
import type { Crossing } from "./crossings";
import type { Extreme } from "./extremes";
import type { ReadOff } from "./readOff";

/** A level, and what it may be off by; amounts in the unit of the channel. */
export type Level = ReadOff;

/**
 * The level about which readings go to and fro: of each three turns one after the other the mean of the middle one and of
 * the mean of the two beside it, so that a slow decay takes no part. Its ± is that of the mean, from the heights' own ±.
 * @returns undefined for fewer than three turns.
 */
export function middleOf(extremes: readonly Extreme[]): Level | undefined {
  const weights = new Float64Array(extremes.length);
  const triples = extremes.length - 2;
  if (triples < 1) return undefined;
  for (let i = 0; i < triples; i++) {
    weights[i] = (weights[i] as number) + 0.25 / triples;
    weights[i + 1] = (weights[i + 1] as number) + 0.5 / triples;
    weights[i + 2] = (weights[i + 2] as number) + 0.25 / triples;
  }
  let [value, square] = [0, 0];
  extremes.forEach(({ height, uncertainty }, i) => {
    const weight = weights[i] as number;
    value += weight * height;
    square += (weight * uncertainty) ** 2;
  });
  return { value, random: Math.sqrt(square), common: 0 };
}

/** Of a normal distribution so much lies within two standard deviations. */
const withinTwo = 0.9545;

/**
 * The standard error of a slope, larger where points scatter more than their ± say: times √(χ²/ν) (Birge, Phys. Rev. 40
 * (1932) 207), and by t(ν)/2, as so few points tell a scatter only roughly: two of it then hold 95 % (GUM G.3.2).
 */
export function widened(line: {
  readonly standardErrorOfSlope?: number | undefined;
  readonly reducedChiSquare?: number;
  readonly degreesOfFreedom: number;
}): number {
  const { standardErrorOfSlope = 0, reducedChiSquare = 0, degreesOfFreedom } = line;
  if (degreesOfFreedom < 1) return standardErrorOfSlope;
  const few = studentTFactor(withinTwo, degreesOfFreedom) / 2;
  return standardErrorOfSlope * Math.max(1, Math.sqrt(reducedChiSquare) * few);
}

/** A crossing or event, and how heavy it weighs. */
interface Weighed {
  readonly of: Crossing;
  readonly weight: number;
}

/** Where nothing is known of any time they all weigh alike; in s. */
const leastUncertainty = 1e-12;

/** The crossings from gap to gap, each with its weight. */
function runsOf(crossings: readonly Crossing[]): (readonly Weighed[])[] {
  const largest = Math.max(...crossings.map(({ uncertainty }) => uncertainty));
  const least = Math.max(leastUncertainty, largest * 1e-6);
  const runs: Weighed[][] = [];
  for (const of of crossings) {
    const last = runs.at(-1);
    const weighed = { of, weight: 1 / Math.max(of.uncertainty, least) ** 2 };
    if (last?.[0]?.of.run === of.run) last.push(weighed);
    else runs.push([weighed]);
  }
  return runs;
}

/** Numbers and values of a run about their weighted means. */
function centred(run: readonly Weighed[], valueOf: (of: Crossing) => number) {
  const base = run[0] ? valueOf(run[0].of) : 0;
  let [sum, sumOfNumbers, sumOfValues] = [0, 0, 0];
  run.forEach(({ of, weight }, number) => {
    sum += weight;
    sumOfNumbers += weight * number;
    sumOfValues += weight * (valueOf(of) - base);
  });
  return run.map(({ of, weight }, number) => ({
    weight,
    number: number - sumOfNumbers / sum,
    value: valueOf(of) - base - sumOfValues / sum,
  }));
}

/**
 * The slope of values against their numbers by weighted least squares, each run with an intercept of its own:
 * m = Σw(i − ī)(v − v̄)/Σw(i − ī)², the means those of the run; u(m)² = 1/Σw(i − ī)².
 */
function slopeByNumber(runs: readonly (readonly Weighed[])[], valueOf: (of: Crossing) => number) {
  const all = runs.flatMap((run) => centred(run, valueOf));
  let [squares, products, chiSquare] = [0, 0, 0];
  for (const { weight, number, value } of all) {
    squares += weight * number * number;
    products += weight * number * value;
  }
  const slope = products / squares;
  for (const { weight, number, value } of all) chiSquare += weight * (value - slope * number) ** 2;
  const degreesOfFreedom = all.length - runs.length - 1;
  return {
    slope,
    standardErrorOfSlope: 1 / Math.sqrt(squares),
    degreesOfFreedom,
    reducedChiSquare: degreesOfFreedom > 0 ? chiSquare / degreesOfFreedom : 0,
  };
}

/**
 * The mean gap from one crossing of a level to the next of the same direction: the slope of the weighted line through
 * their times against their number. A level that is off moves each crossing by −δ/steepness, and so the gap where the
 * steepness changes. What may have been within a gap of the readings takes no part.
 * @param level where the crossings were sought. @returns in s; undefined where no two follow each other.
 */
export function meanGap(
  crossings: readonly Crossing[],
  level: Level,
  nature: ChannelNature,
): ReadOff | undefined {
  const runs = runsOf(crossings);
  if (!runs.some((run) => run.length > 1)) return undefined;
  const line = slopeByNumber(runs, ({ time }) => time);
  const bySlip = Math.abs(slopeByNumber(runs, ({ steepness }) => -1 / steepness).slope);
  return {
    value: line.slope,
    random: Math.hypot(widened(line), bySlip * level.random),
    common: bySlip * level.common + nature.clock * line.slope,
  };
}

/** The mean gap of events, each known to a standard uncertainty, both in s. */
export function meanGapOfEvents(
  times: readonly number[],
  uncertainty: number,
  nature: ChannelNature,
): ReadOff | undefined {
  const crossings = times.map((time): Crossing => ({
    time,
    uncertainty,
    direction: "rising",
    steepness: Infinity,
    run: 0,
  }));
  return meanGap(crossings, { value: 0, random: 0, common: 0 }, nature);
}

/** f = 1/T with u(f) = u(T)/T². */
export function frequencyOf({ value, random, common }: ReadOff): ReadOff {
  return { value: 1 / value, random: random / value ** 2, common: common / value ** 2 };
}

/** Half of the way from a peak to the trough behind it, and when; no middle is needed for it. */
interface Swing {
  readonly time: number;
  readonly amplitude: number;
  readonly uncertainty: number;
}

function swingsOf(extremes: readonly Extreme[]): Swing[] {
  const swings: Swing[] = [];
  const first = extremes.findIndex(({ kind }) => kind === "peak");
  for (let i = Math.max(0, first); i + 1 < extremes.length; i += 2) {
    const [peak, trough] = [extremes[i] as Extreme, extremes[i + 1] as Extreme];
    swings.push({
      time: peak.time,
      amplitude: (peak.height - trough.height) / 2,
      uncertainty: Math.hypot(peak.uncertainty, trough.uncertainty) / 2,
    });
  }
  return swings.filter(({ amplitude }) => amplitude > 0);
}

/** The least number of swings whose decay is told. */
const fewestSwings = 3;

/**
 * How peaks decay: a = a₀ e^(−t/τ) of the amplitudes, half from each peak to the trough behind it; τ = −1/m of the
 * weighted line ln a against t with u(ln a) = u(a)/a, u(τ) = u(m)/m². Needs no middle.
 * @returns τ in s; undefined for fewer than three swings or where they don't decay.
 */
export function decayOfPeaks(
  extremes: readonly Extreme[],
  nature: ChannelNature,
): ReadOff | undefined {
  const swings = swingsOf(extremes);
  if (swings.length < fewestSwings) return undefined;
  const outcome = fitWeightedLine(
    swings.map(({ time }) => time),
    swings.map(({ amplitude }) => Math.log(amplitude)),
    swings.map(({ amplitude, uncertainty }) => Math.max(uncertainty / amplitude, 1e-12)),
  );
  if (outcome.kind === "no-line" || !(outcome.line.slope < 0)) return undefined;
  const { slope } = outcome.line;
  const value = -1 / slope;
  return { value, random: widened(outcome.line) / slope ** 2, common: nature.clock * value };
}
