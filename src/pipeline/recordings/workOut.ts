import { type ChannelNature, singleReading } from "@/core/recording/channelNature";
import { rateOf } from "@/core/recording/counting";
import { type Crossing, crossingsOf } from "@/core/recording/crossings";
import { type Extreme, extremesOf } from "@/core/recording/extremes";
import {
  decayOfPeaks,
  frequencyOf,
  type Level,
  meanGap,
  meanGapOfEvents,
  middleOf,
} from "@/core/recording/oscillation";
import type { ReadOff } from "@/core/recording/readOff";
import { spectrumOf, strongestFrequency } from "@/core/recording/spectrum";
import { areaUnder, slopeOver, statisticsOf, valueAt } from "@/core/recording/stretchStatistics";
import type { Readings } from "@/core/recording/trace";
import type {
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";

/** A value without a ±, or one with it. */
export type Came =
  ReadOff | { readonly value: number; readonly random: null; readonly common: null };

/** What a stretch holds of happenings: where it crosses its level, and where it turns. */
export interface Happened {
  readonly level: Level;
  readonly depth: number;
  readonly crossings: readonly Crossing[];
  readonly extremes: readonly Extreme[];
}

/** A channel's nature as it was described with its recording. */
export function natureOf(
  { channels, clock }: RecordingDescription,
  channel: number,
): ChannelNature {
  const { resolution = 0, noise, zero = 0, scale = 0 } = channels[channel] ?? {};
  return { resolution, zero, scale, clock, ...(noise !== undefined && { noise }) };
}

/** Twice this many standard uncertainties of a reading are noise and no turn. */
const noiseReach = 4;
const usualDepth = 0.1;

/** How deep a turn must be, in the unit of the channel: a tenth of the whole range, and more than noise. */
export function depthOf(readings: Readings, nature: ChannelNature): number {
  const found = statisticsOf(readings, nature);
  if (!found) return 0;
  const noise = singleReading(nature, readings).uncertainty;
  return Math.max(usualDepth * (found.greatest - found.least), 2 * noiseReach * noise);
}

function levelOf(readings: Readings, nature: ChannelNature, extremes: readonly Extreme[], given: number | null): Level | undefined {
  if (given !== null) return { value: given, random: 0, common: nature.zero + nature.scale * Math.abs(given) };
  const middle = middleOf(extremes);
  if (middle) return middle;
  const found = statisticsOf(readings, nature);
  if (!found) return undefined;
  const value = (found.least + found.greatest) / 2;
  return { value, random: 0, common: nature.zero + nature.scale * Math.abs(value) };
} // prettier-ignore

/** Where readings cross a level and where they turn; undefined without readings. */
export function happenedIn(
  readings: Readings,
  nature: ChannelNature,
  { level: given, depth: stated }: Pick<ReadOffChoice, "level" | "depth">,
): Happened | undefined {
  const depth = stated ?? depthOf(readings, nature);
  const { uncertainty } = singleReading(nature, readings);
  const extremes = extremesOf(readings, depth, uncertainty);
  const level = levelOf(readings, nature, extremes, given);
  if (!level || !(depth > 0)) return undefined;
  const sought = { level: level.value, depth, uncertainty };
  return { level, depth, extremes, crossings: crossingsOf(readings, sought) };
}

interface Asked {
  readonly readings: Readings;
  readonly how: RecordingDescription;
  readonly nature: ChannelNature;
  readonly choice: ReadOffChoice;
}

const withoutUncertainty = (value: number | undefined): Came | undefined =>
  value === undefined || !Number.isFinite(value)
    ? undefined
    : { value, random: null, common: null };

const everyNth = <Item>(items: readonly Item[], every: number): Item[] =>
  items.filter((_item, i) => i % every === 0);

/** The happenings of the wanted kind, each with its moment. */
function wantedOf({ choice }: Asked, { crossings, extremes }: Happened) {
  const { of, every } = choice;
  const kind = of === "peaks" ? "peak" : "trough";
  return {
    crossings: everyNth(crossings.filter(({ direction }) => direction === of), every),
    extremes: everyNth(extremes.filter((one) => one.kind === kind), every),
    areCrossings: of === "rising" || of === "falling",
  };
} // prettier-ignore

function gapOf(asked: Asked): ReadOff | undefined {
  const { readings, nature, how, choice } = asked;
  const tick = how.step / Math.sqrt(12);
  if (how.tells === "events") {
    return meanGapOfEvents(everyNth([...readings.times], choice.every), tick, nature);
  }
  const happened = happenedIn(readings, nature, choice);
  if (!happened) return undefined;
  const { crossings, extremes, areCrossings } = wantedOf(asked, happened);
  if (areCrossings) return meanGap(crossings, happened.level, nature);
  return meanGapOfEvents(extremes.map(({ time }) => time), tick, nature);
} // prettier-ignore

function momentOf(asked: Asked): Came | undefined {
  const { readings, nature, how, choice } = asked;
  if (how.tells === "events") {
    const [first] = readings.times;
    return first === undefined ? undefined : { value: first, random: how.step / Math.sqrt(12), common: nature.clock * Math.abs(first) }; // prettier-ignore
  }
  const happened = happenedIn(readings, nature, choice);
  const [crossing] = happened ? wantedOf(asked, happened).crossings : [];
  if (!happened || !crossing) return undefined;
  const { time, uncertainty, steepness } = crossing;
  const { random, common } = happened.level;
  return {
    value: time,
    random: Math.hypot(uncertainty, random / steepness),
    common: nature.clock * Math.abs(time) + common / Math.abs(steepness),
  };
}

function peakOf(asked: Asked): ReadOff | undefined {
  const { readings, nature, choice } = asked;
  const happened = happenedIn(readings, nature, choice);
  const [first] = happened ? wantedOf(asked, happened).extremes : [];
  if (!first) return undefined;
  const { height, uncertainty } = first;
  return { value: height, random: uncertainty, common: nature.zero + nature.scale * Math.abs(height) };
} // prettier-ignore

function singleOf({ readings, how, nature }: Asked, which: "least" | "greatest"): Came | undefined {
  const found = statisticsOf(readings, nature);
  if (!found) return undefined;
  const value = found[which];
  if (how.tells === "counts") return withoutUncertainty(value);
  const { uncertainty } = singleReading(nature, readings);
  return { value, random: uncertainty, common: nature.zero + nature.scale * Math.abs(value) };
}

/** The mean; of counts with the scatter of their sum (Poisson). */
function meanOf(asked: Asked): ReadOff | undefined {
  const { readings, how, nature } = asked;
  const mean = statisticsOf(readings, nature)?.mean;
  const sum = numberIn(asked);
  if (!mean || how.tells !== "counts" || sum === undefined) return mean;
  return { value: mean.value, random: Math.sqrt(Math.max(1, sum)) / readings.times.length, common: 0 };
} // prettier-ignore

/** How many happenings a stretch holds; of counts their sum. */
export function numberIn(asked: Asked): number | undefined {
  const { readings, how, nature, choice } = asked;
  if (how.tells === "events") return everyNth([...readings.times], choice.every).length;
  if (how.tells === "counts") return readings.values.reduce((sum, one) => sum + one, 0);
  const happened = happenedIn(readings, nature, choice);
  if (!happened) return undefined;
  const { crossings, extremes, areCrossings } = wantedOf(asked, happened);
  return areCrossings ? crossings.length : extremes.length;
}

/** Counts scatter by their square root (Poisson); how often a level was crossed does not. */
function eventsOf(asked: Asked): Came | undefined {
  const value = numberIn(asked);
  if (value === undefined) return undefined;
  if (asked.how.tells !== "counts") return withoutUncertainty(value);
  return { value, random: Math.sqrt(Math.max(1, value)), common: 0 };
}

function rateIn(asked: Asked): ReadOff | undefined {
  const { readings, how, nature, choice } = asked;
  const lasting = how.tells === "counts" ? readings.times.length * how.step : choice.to - choice.from;
  const count = numberIn(asked);
  return count === undefined || !(lasting > 0) ? undefined : rateOf(count, lasting, nature);
} // prettier-ignore

function strongestOf({ readings, how, nature }: Asked): ReadOff | undefined {
  const spectrum = spectrumOf(readings, how.step);
  return spectrum && strongestFrequency(spectrum, nature.clock);
}

const ways: Readonly<Record<ReadOffKind, (asked: Asked) => Came | undefined>> = {
  mean: meanOf,
  value: ({ readings, nature, choice }) =>
    valueAt(readings, nature, choice.moment ?? (choice.from + choice.to) / 2),
  spread: ({ readings, nature }) => withoutUncertainty(statisticsOf(readings, nature)?.spread),
  least: (asked) => singleOf(asked, "least"),
  greatest: (asked) => singleOf(asked, "greatest"),
  slope: ({ readings, nature }) => slopeOver(readings, nature),
  area: ({ readings, nature }) => areaUnder(readings, nature),
  events: eventsOf,
  rate: rateIn,
  crossing: momentOf,
  peak: peakOf,
  gap: gapOf,
  frequency: (asked) => {
    const gap = gapOf(asked);
    return gap && frequencyOf(gap);
  },
  decay: ({ readings, nature, choice }) => {
    const happened = happenedIn(readings, nature, choice);
    return happened && decayOfPeaks(happened.extremes, nature);
  },
  strongest: strongestOf,
};

/** What is read off the readings of a stretch; undefined where they do not give it. */
export function workOut(readings: Readings, how: RecordingDescription, choice: ReadOffChoice): Came | undefined {
  const came = ways[choice.what]({ readings, how, nature: natureOf(how, choice.channel), choice });
  if (!came || !Number.isFinite(came.value)) return undefined;
  if (came.random === null) return came;
  return Number.isFinite(came.random) && Number.isFinite(came.common) ? came : undefined;
} // prettier-ignore
