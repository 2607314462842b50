import { type Gap, gapsOfMoments, gapsOneByOne } from "@/core/recording/gaps";
import type { ReadOff } from "@/core/recording/readOff";
import type { ReadOffKind } from "@/investigation/model/recording";
import { type Asked, momentsOfTurns, wantedOf } from "./happened";

/** What is read off of happenings one by one: the moment of each, the height of each turn, the gap behind each. */
export const oneByOneKinds: ReadonlySet<ReadOffKind> = new Set<ReadOffKind>([
  ...(["crossing", "peak", "between"] as const),
]);

/** One of several: what is read off it, and the moments that it belongs to, in s. */
export interface OneOfSeveral {
  readonly came: ReadOff;
  readonly at: readonly number[];
}

function momentsIn(asked: Asked): OneOfSeveral[] {
  const { nature } = asked;
  const wanted = wantedOf(asked);
  const plain = (time: number, random: number, common = 0): OneOfSeveral => ({
    came: { value: time, random, common: common + nature.clock * Math.abs(time) },
    at: [time],
  });
  if (wanted?.kind === "turns") {
    return wanted.all.map(({ time, uncertaintyOfTime }) => plain(time, uncertaintyOfTime));
  }
  if (wanted?.kind === "events") {
    return wanted.all.map(({ time, uncertainty }) => plain(time, uncertainty));
  }
  if (!wanted) return [];
  const { all, level } = wanted;
  return all.map(({ time, uncertainty, steepness }) => {
    const random = Math.hypot(uncertainty, level.random / steepness);
    return plain(time, random, level.common / Math.abs(steepness));
  });
}

function heightsIn(asked: Asked): OneOfSeveral[] {
  const { nature } = asked;
  const wanted = wantedOf(asked);
  if (wanted?.kind !== "turns") return [];
  return wanted.all.map(({ time, height, uncertainty }) => ({
    came: {
      value: height,
      random: uncertainty,
      common: nature.zero + nature.scale * Math.abs(height),
    },
    at: [time],
  }));
}

const ofGap = ({ value, random, common, from, to }: Gap): OneOfSeveral => ({
  came: { value, random, common },
  at: [from, to],
});

function gapsIn(asked: Asked): OneOfSeveral[] {
  const { nature } = asked;
  const wanted = wantedOf(asked);
  if (!wanted) return [];
  if (wanted.kind === "crossings") return gapsOneByOne(wanted.all, wanted.level, nature).map(ofGap);
  const moments = wanted.kind === "turns" ? momentsOfTurns(wanted.all) : wanted.all;
  return gapsOfMoments(moments, nature).map(ofGap);
}

/** All that a stretch gives of what is read off one by one, in the order of time; of another kind nothing. */
export function oneByOne(asked: Asked): readonly OneOfSeveral[] {
  if (asked.how.tells === "counts") return [];
  switch (asked.choice.what) {
    case "crossing":
      return momentsIn(asked);
    case "peak":
      return heightsIn(asked);
    case "between":
      return gapsIn(asked);
    default:
      return [];
  }
}

/** The n-th of them. */
export const oneOfThem = (asked: Asked): ReadOff | undefined =>
  oneByOne(asked)[asked.choice.nth - 1]?.came;
