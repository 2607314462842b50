/** Whether what is read off a recording agrees with what is true, over many seeds. */
import { limitOf, standardOf } from "@/core/recording/readOff";
import type { Lesson } from "./lessons";

/** How often the truth lay within the ± of a lesson. */
export interface Coverage {
  readonly name: string;
  readonly seeds: number;
  /** Within two standard uncertainties. */
  readonly atTwo: number;
  /** Within the limit. */
  readonly atLimit: number;
  /** How often nothing could be read off. */
  readonly missing: number;
  /** The median of ±/value, the standard uncertainty's. */
  readonly relative: number;
}

/** Reads a lesson off with so many instruments, from a seed on. */
export function coverageOf({ name, truth, readOff }: Lesson, seeds: number, from = 1): Coverage {
  let [atTwo, atLimit, missing] = [0, 0, 0];
  const relative: number[] = [];
  for (let seed = from; seed < from + seeds; seed++) {
    const found = readOff(seed);
    if (!found) {
      missing += 1;
      continue;
    }
    const off = Math.abs(found.value - truth);
    if (off <= 2 * standardOf(found)) atTwo += 1;
    if (off <= limitOf(found)) atLimit += 1;
    relative.push(standardOf(found) / found.value);
  }
  relative.sort((a, b) => a - b);
  return { name, seeds, atTwo, atLimit, missing, relative: relative[relative.length >> 1] ?? NaN };
}
