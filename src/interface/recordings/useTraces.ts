"use client";

import { useMemo } from "react";
import { palette, seriesColour } from "@/figure/palette";
import type { Recording } from "@/investigation/model/recording";
import { useInvestigation } from "../store/useInvestigation";
import type { Painted } from "./paintTrace";
import { useDeskState } from "./RecordingsProvider";

/** By how much another recording is shifted for its event to lie on that of the one in hand, in s. */
export const shiftOf = (other: Pick<Recording, "event">, inHand: Pick<Recording, "event">): number =>
  (inHand.event ?? 0) - (other.event ?? 0); // prettier-ignore

/** The first channel of a recording that has the unit of another one's; undefined where none has. */
export function likeChannel(
  other: Recording,
  { how }: Recording,
  channel: number,
): number | undefined {
  if (other.how.tells !== how.tells) return undefined;
  const { unit, symbol } = how.channels[channel] ?? {};
  const same = other.how.channels.findIndex((one) => one.unit === unit && one.symbol === symbol);
  const like = other.how.channels.findIndex((one) => one.unit === unit);
  return same >= 0 ? same : like >= 0 ? like : undefined;
}

/** The colour of the n-th of those that lie over the one in hand. */
export const colourOver = (at: number): string => seriesColour(at + 1);

/** The recording in hand as it is painted, one trace a channel; none until its readings are here. */
export function useTracesInHand(): readonly Painted[] {
  const id = useDeskState(({ inHand }) => inHand);
  const recording = useInvestigation(({ document }) => (id ? document.recordings[id] : undefined));
  const source = useDeskState(({ sources }) => (id ? sources[id] : undefined));
  return useMemo(() => {
    if (!recording || typeof source !== "object") return [];
    return recording.how.channels.map((_channel, channel) => ({
      source,
      how: recording.how,
      channel,
      colour: palette.ink,
      shift: 0,
    }));
  }, [recording, source]);
}

/** The traces that lie over the one in hand. */
export function useTracesOver(): readonly Painted[] {
  const id = useDeskState(({ inHand }) => inHand);
  const channel = useDeskState((state) => state.channel);
  const over = useDeskState((state) => state.over);
  const sources = useDeskState((state) => state.sources);
  const recordings = useInvestigation(({ document }) => document.recordings);
  return useMemo(() => {
    const inHand = id ? recordings[id] : undefined;
    if (!inHand) return [];
    return over.flatMap((other, at): Painted[] => {
      const recording = recordings[other];
      const source = sources[other];
      const like = recording && likeChannel(recording, inHand, channel);
      if (!recording || like === undefined || typeof source !== "object") return [];
      const { how } = recording;
      return [{ source, how, channel: like, colour: colourOver(at), shift: shiftOf(recording, inHand) }];
    });
  }, [id, channel, over, sources, recordings]);
} // prettier-ignore
