import { studentTFactor } from "../statistics/studentT";
import type { ChannelNature } from "./channelNature";
import type { Crossing } from "./crossings";
import type { ReadOff } from "./readOff";

/** A level, and what it may be off by; amounts in the unit of the channel. */
export type Level = ReadOff;

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

/** A moment at which something happened: an event, a peak, a trough. */
export type Moment = Pick<Crossing, "time" | "uncertainty" | "run">;

/** A moment that no level moves. */
const unmoved = ({ time, uncertainty, run }: Moment): Crossing => ({
  time,
  uncertainty,
  run,
  direction: "rising",
  steepness: Infinity,
});

const noLevel: Level = { value: 0, random: 0, common: 0 };

/** The mean gap from one moment to the next, in s, as that of crossings. */
export function meanGapOfMoments(
  moments: readonly Moment[],
  nature: ChannelNature,
): ReadOff | undefined {
  return meanGap(moments.map(unmoved), noLevel, nature);
}

/** A gap, and from when to when it lasts, in s. */
export interface Gap extends ReadOff {
  readonly from: number;
  readonly to: number;
}

/**
 * The gaps from each crossing to the next, one by one, in s: d = t₂ − t₁ with u(d)² = u(t₁)² + u(t₂)² + (u(L)(1/s₂ − 1/s₁))²
 * of their steepnesses s and the level L. Between two runs there is none.
 */
export function gapsOneByOne(
  crossings: readonly Crossing[],
  level: Level,
  nature: ChannelNature,
): Gap[] {
  return crossings.slice(1).flatMap((after, i): Gap[] => {
    const before = crossings[i] as Crossing;
    if (before.run !== after.run) return [];
    const value = after.time - before.time;
    const bySlip = Math.abs(1 / after.steepness - 1 / before.steepness);
    return [
      {
        value,
        from: before.time,
        to: after.time,
        random: Math.hypot(before.uncertainty, after.uncertainty, bySlip * level.random),
        common: bySlip * level.common + nature.clock * value,
      },
    ];
  });
}

/** The gaps from one moment to the next, one by one, in s. */
export function gapsOfMoments(moments: readonly Moment[], nature: ChannelNature): Gap[] {
  return gapsOneByOne(moments.map(unmoved), noLevel, nature);
}
