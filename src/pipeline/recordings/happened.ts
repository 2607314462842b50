import { type ChannelNature, singleReading } from "@/core/recording/channelNature";
import { type Crossing, crossingsOf } from "@/core/recording/crossings";
import { type Extreme, extremesOf } from "@/core/recording/extremes";
import type { Level, Moment } from "@/core/recording/gaps";
import { middleOf } from "@/core/recording/oscillation";
import { statisticsOf } from "@/core/recording/stretchStatistics";
import type { Readings } from "@/core/recording/trace";
import type { ReadOffChoice, RecordingDescription } from "@/investigation/model/recording";

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

/** Readings of a stretch with what is wanted of them. */
export interface Asked {
  readonly readings: Readings;
  readonly how: RecordingDescription;
  readonly nature: ChannelNature;
  readonly choice: ReadOffChoice;
}

/** Each n-th of a run: across a gap nobody counted. */
function everyNth<Item extends { readonly run: number }>(items: readonly Item[], every: number): Item[] {
  let [run, count] = [-1, 0];
  return items.filter((item) => {
    if (item.run !== run) [run, count] = [item.run, 0];
    return count++ % every === 0;
  });
} // prettier-ignore

/** Moments of events, each known to within a tick of the clock. */
function momentsOfEvents({ times, gaps }: Readings, { step }: RecordingDescription): Moment[] {
  let run = 0;
  return Array.from(times, (time, i) => {
    if (gaps[run] === i) run += 1;
    return { time, run, uncertainty: step / Math.sqrt(12) };
  });
}

/** The happenings that are wanted: crossings of a level, turns, or events. */
export type Wanted =
  | { readonly kind: "crossings"; readonly all: readonly Crossing[]; readonly level: Level }
  | { readonly kind: "turns"; readonly all: readonly Extreme[] }
  | { readonly kind: "events"; readonly all: readonly Moment[] };

/** The happenings of the wanted kind, each or each n-th; undefined without readings. */
export function wantedOf({ readings, how, nature, choice }: Asked): Wanted | undefined {
  const { of, every } = choice;
  if (how.tells === "events") {
    return { kind: "events", all: everyNth(momentsOfEvents(readings, how), every) };
  }
  const happened = happenedIn(readings, nature, choice);
  if (!happened) return undefined;
  const { crossings, extremes, level } = happened;
  if (of === "rising" || of === "falling") {
    const all = everyNth(crossings.filter(({ direction }) => direction === of), every);
    return { kind: "crossings", all, level };
  }
  const kind = of === "peaks" ? "peak" : "trough";
  return { kind: "turns", all: everyNth(extremes.filter((one) => one.kind === kind), every) };
} // prettier-ignore

/** Turns as moments. */
export const momentsOfTurns = (turns: readonly Extreme[]): Moment[] =>
  turns.map(({ time, uncertaintyOfTime, run }) => ({ time, run, uncertainty: uncertaintyOfTime }));
