import { singleReading } from "@/core/recording/channelNature";
import { rateOf } from "@/core/recording/counting";
import { meanGap, meanGapOfMoments } from "@/core/recording/gaps";
import { decayOfPeaks, frequencyOf } from "@/core/recording/oscillation";
import type { ReadOff } from "@/core/recording/readOff";
import { spectrumOf, strongestFrequency } from "@/core/recording/spectrum";
import { areaUnder, slopeOver, statisticsOf, valueAt } from "@/core/recording/stretchStatistics";
import type { Readings } from "@/core/recording/trace";
import type {
  ReadOffChoice,
  ReadOffKind,
  RecordingDescription,
} from "@/investigation/model/recording";
import { type Asked, happenedIn, momentsOfTurns, natureOf, wantedOf } from "./happened";
import { oneByOne, oneByOneKinds, type OneOfSeveral, oneOfThem } from "./oneByOne";

/** A value without a ±, or one with it. */
export type Came =
  ReadOff | { readonly value: number; readonly random: null; readonly common: null };

const withoutUncertainty = (value: number | undefined): Came | undefined =>
  value === undefined || !Number.isFinite(value)
    ? undefined
    : { value, random: null, common: null };

function gapOf(asked: Asked): ReadOff | undefined {
  const { nature } = asked;
  const wanted = wantedOf(asked);
  if (!wanted) return undefined;
  if (wanted.kind === "crossings") return meanGap(wanted.all, wanted.level, nature);
  const moments = wanted.kind === "turns" ? momentsOfTurns(wanted.all) : wanted.all;
  return meanGapOfMoments(moments, nature);
}

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
  const { readings, how } = asked;
  if (how.tells === "counts") return readings.values.reduce((sum, one) => sum + one, 0);
  return wantedOf(asked)?.all.length;
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
  crossing: oneOfThem,
  peak: oneOfThem,
  between: oneOfThem,
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

const isSound = ({ value, random, common }: Came): boolean =>
  Number.isFinite(value) &&
  (random === null || (Number.isFinite(random) && Number.isFinite(common)));

/** What is read off the readings of a stretch; undefined where they do not give it. */
export function workOut(readings: Readings, how: RecordingDescription, choice: ReadOffChoice): Came | undefined {
  const came = ways[choice.what]({ readings, how, nature: natureOf(how, choice.channel), choice });
  return came && isSound(came) ? came : undefined;
} // prettier-ignore

/** All of what is read off one by one, of which `nth` chooses; undefined for what there is but one of. */
export function workOutEach(readings: Readings, how: RecordingDescription, choice: ReadOffChoice): readonly OneOfSeveral[] | undefined {
  if (!oneByOneKinds.has(choice.what)) return undefined;
  const all = oneByOne({ readings, how, nature: natureOf(how, choice.channel), choice });
  return all.filter(({ came }) => isSound(came));
} // prettier-ignore
