import { levelFactor, Pyramid } from "@/core/recording/pyramid";
import type { RecordedNumbers } from "@/protocol/recordings";

/** So many readings of each channel are a chunk: whole pairs of the first five levels. */
export const chunkSize = levelFactor ** 5;

/** Levels below this one are cheap to make from the readings; this one and those above are kept with a chunk. */
export const finestKept = 2;
export const coarsestKept = 4;

/** How many readings lie behind a pair of a level. */
export const readingsBehind = (level: number): number => levelFactor ** (level + 1);

/** How many pairs of a level so many readings have. */
export const pairsOf = (readings: number, level: number): number =>
  Math.ceil(readings / readingsBehind(level));

/** The part of one channel. */
export function channelOf<Numbers extends RecordedNumbers>(
  numbers: Numbers,
  channels: number,
  at: number,
): Numbers {
  const size = numbers.length / channels;
  return numbers.subarray(at * size, (at + 1) * size) as Numbers;
}

/** Least and greatest of readings of one channel at a level. */
export function pairsAt(values: RecordedNumbers, level: number): Float32Array {
  const pyramid = new Pyramid();
  for (const value of values) pyramid.push(value);
  return pyramid.level(level);
}

/** The levels that are kept with a chunk: for each channel one level behind the other, the finest first. */
export function keptLevels(numbers: RecordedNumbers, channels: number): Float32Array {
  const all: number[] = [];
  for (let at = 0; at < channels; at++) {
    const pyramid = new Pyramid();
    for (const value of channelOf(numbers, channels, at)) pyramid.push(value);
    for (let level = finestKept; level <= coarsestKept; level++) {
      all.push(...pyramid.level(level));
    }
  }
  return Float32Array.from(all);
}

/** One level of one channel among those that are kept with a chunk of so many readings. */
export function keptLevel(levels: Float32Array, readings: number, level: number, at: number): Float32Array {
  let [start, ofChannel] = [0, 0];
  for (let one = finestKept; one <= coarsestKept; one++) {
    const numbers = 2 * pairsOf(readings, one);
    if (one < level) start += numbers;
    ofChannel += numbers;
  }
  const from = at * ofChannel + start;
  return levels.subarray(from, from + 2 * pairsOf(readings, level));
} // prettier-ignore
