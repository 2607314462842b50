import { savitzkyGolay } from "@/core/recording/asTable";
import { readingsWithin } from "@/core/recording/trace";
import type { Crossing } from "@/core/recording/crossings";
import type { Extreme } from "@/core/recording/extremes";
import {
  slopeOver,
  statisticsOf,
  type StretchStatistics,
} from "@/core/recording/stretchStatistics";
import type { ReadOff } from "@/core/recording/readOff";
import type { ReadOffChoice, RecordingDescription } from "@/investigation/model/recording";
import {
  countedRows,
  oddThrough,
  smoothingDegree,
  tabled,
  type TableOrder,
  type TableRow,
} from "@/pipeline/recordings/asTable";
import { type Chosen, readingsOfStretch, type Recorded } from "@/pipeline/recordings/stretch";
import { happenedIn, natureOf } from "@/pipeline/recordings/happened";
import type { OneOfSeveral } from "@/pipeline/recordings/oneByOne";
import { type Came, workOut, workOutEach } from "@/pipeline/recordings/workOut";

/** A stretch of one channel with what is wanted of it. */
export interface StretchAsked {
  readonly recorded: Recorded;
  readonly how: RecordingDescription;
  readonly chosen: Chosen;
  readonly choice: ReadOffChoice;
}

/** The same, with how it is to become rows. */
export interface TableAsked extends StretchAsked {
  readonly order: TableOrder;
}

/** A happening of a stretch, to be marked on it. */
export interface MarkedHappening {
  readonly time: number;
  readonly height: number;
  readonly kind: "rising" | "falling" | "peak" | "trough";
}

/** What a stretch says at a glance, and what is read off it. */
export interface StretchSaid {
  readonly statistics: StretchStatistics | undefined;
  readonly mean: Came | undefined;
  readonly least: Came | undefined;
  readonly greatest: Came | undefined;
  /** What two frequencies must be apart to be told apart by the spectrum, in Hz. */
  readonly resolution: number | undefined;
  /** How many events or counts there are. */
  readonly number: number | undefined;
  readonly slope: ReadOff | undefined;
  readonly came: Came | undefined;
  /** What is read off one by one: the first of them, and how many there are; undefined for what there is but one of. */
  readonly each: { readonly first: readonly OneOfSeveral[]; readonly many: number } | undefined;
  readonly level: number | undefined;
  readonly depth: number | undefined;
  readonly happenings: readonly MarkedHappening[];
  readonly counts: Readonly<Record<MarkedHappening["kind"], number>>;
}

/** More than these are not told one by one. */
export const mostListed = 200;

/** More than these are not marked one by one. */
const mostMarked = 2000;

const marked = (crossings: readonly Crossing[], extremes: readonly Extreme[], level: number) => [
  ...crossings.map(({ time, direction }): MarkedHappening => ({ time, height: level, kind: direction })),
  ...extremes.map(({ time, height, kind }): MarkedHappening => ({ time, height, kind })),
]; // prettier-ignore

/** Works out what recordings say, away from the page. */
export const recordings = {
  /** What one choice gives. */
  read({ recorded, how, chosen, choice }: StretchAsked): Came | undefined {
    return workOut(readingsOfStretch(recorded, how, chosen, choice), how, choice);
  },

  /** The moment of the greatest reading, in s. */
  greatest({ recorded, how, chosen, choice }: StretchAsked): number | undefined {
    const { times, values } = readingsOfStretch(recorded, how, chosen, choice);
    let at = 0;
    for (let i = 1; i < values.length; i++) {
      if ((values[i] as number) > (values[at] as number)) at = i;
    }
    return times[at];
  },

  /** A stretch as rows of a table. */
  table({ recorded, how, chosen, choice, order }: TableAsked): TableRow[] {
    const readings = readingsOfStretch(recorded, how, chosen, choice);
    if (how.tells === "readings") return tabled(readings, how, choice.channel, order);
    return countedRows(readings, how, Math.max(1, Math.round(order.every))).map((row) => ({
      ...row,
      random: 0,
      common: 0,
    }));
  },

  /** All readings of a channel smoothed by Savitzky and Golay; lost ones stay lost. */
  smoothed({ recorded, order }: TableAsked): Float32Array {
    const { times, values } = readingsWithin({ start: 0, step: 1, values: recorded.values }, { from: 0, to: Infinity });
    const smoothing = { through: oddThrough(order.through), degree: smoothingDegree, derivative: 0 } as const;
    const found = savitzkyGolay({ times, values, gaps: [] }, 1, smoothing);
    const all = new Float32Array(recorded.values.length).fill(NaN);
    times.forEach((time, i) => (all[time] = found[i] as number));
    return all;
  }, // prettier-ignore

  /** All that the margin says of a stretch in hand. */
  stretch({ recorded, how, chosen, choice }: StretchAsked): StretchSaid {
    const readings = readingsOfStretch(recorded, how, chosen, choice);
    const nature = natureOf(how, choice.channel);
    const happened = how.tells === "readings" ? happenedIn(readings, nature, choice) : undefined;
    const all = happened ? marked(happened.crossings, happened.extremes, happened.level.value) : [];
    const each = workOutEach(readings, how, choice);
    const count = (kind: MarkedHappening["kind"]) => all.filter((one) => one.kind === kind).length;
    return {
      statistics: how.tells === "events" ? undefined : statisticsOf(readings, nature),
      mean: workOut(readings, how, { ...choice, what: "mean" }),
      least: workOut(readings, how, { ...choice, what: "least" }),
      greatest: workOut(readings, how, { ...choice, what: "greatest" }),
      resolution: choice.what === "strongest" ? 1 / (readings.times.length * how.step) : undefined,
      number: workOut(readings, how, { ...choice, what: "events", every: 1 })?.value,
      slope: how.tells === "readings" ? slopeOver(readings, nature) : undefined,
      came: workOut(readings, how, choice),
      each: each && { first: each.slice(0, mostListed), many: each.length },
      level: happened?.level.value,
      depth: happened?.depth,
      happenings: all.slice(0, mostMarked),
      counts: {
        rising: count("rising"),
        falling: count("falling"),
        peak: count("peak"),
        trough: count("trough"),
      },
    };
  },
};

export type Recordings = typeof recordings;
