import type { Readings } from "./trace";

export type Direction = "rising" | "falling";

/** A moment at which readings cross a level. */
export interface Crossing {
  /** In s. */
  readonly time: number;
  readonly direction: Direction;
  /** Standard uncertainty of the time from noise and resolution, in s. */
  readonly uncertainty: number;
  /** How fast the readings change there, in the channel's unit a second. */
  readonly steepness: number;
  /** Which run of readings it lies in, from 0: between two runs is a gap, in which more may have been. */
  readonly run: number;
}

interface Sought {
  /** In the unit of the channel. */
  readonly level: number;
  /** The readings must come from so far on one side and go so far to the other, half of it each: less is noise. */
  readonly depth: number;
  /** Standard uncertainty of one reading. */
  readonly uncertainty: number;
}

/**
 * Where the straight line through readings from one to another meets a level.
 *
 *   t = t̄ + (L − ȳ)/m     u(t)² = (σ/m)² (1/n + (t − t̄)²/Σ(t − t̄)²)
 */
function meets(
  { times, values }: Readings,
  first: number,
  last: number,
  { level, uncertainty }: Sought,
): Omit<Crossing, "direction" | "run"> {
  const count = last - first + 1;
  let [sumT, sumY] = [0, 0];
  const [t0, y0] = [times[first] as number, values[first] as number];
  for (let i = first; i <= last; i++) {
    sumT += (times[i] as number) - t0;
    sumY += (values[i] as number) - y0;
  }
  const [meanT, meanY] = [t0 + sumT / count, y0 + sumY / count];
  let [tt, ty] = [0, 0];
  for (let i = first; i <= last; i++) {
    const off = (times[i] as number) - meanT;
    tt += off * off;
    ty += off * ((values[i] as number) - meanY);
  }
  const steepness = ty / tt;
  const time = meanT + (level - meanY) / steepness;
  const spread = Math.sqrt(1 / count + (time - meanT) ** 2 / tt);
  return { time, steepness, uncertainty: Math.abs(uncertainty / steepness) * spread };
}

/**
 * The moments at which readings cross a level, each found on the straight line through the readings on the way across.
 * A crossing within a gap was not seen and is none.
 */
export function crossingsOf(readings: Readings, sought: Sought): Crossing[] {
  const { values, gaps } = readings;
  const [below, above] = [sought.level - sought.depth / 2, sought.level + sought.depth / 2];
  const found: Crossing[] = [];
  let [side, left, gap] = [0, 0, 0];
  for (let i = 0; i < values.length; i++) {
    if (gaps[gap] === i) {
      side = 0;
      gap += 1;
    }
    const value = values[i] as number;
    const now = value <= below ? -1 : value >= above ? 1 : 0;
    if (now === 0) continue;
    if (side !== 0 && now !== side) {
      const direction = now > 0 ? "rising" : "falling";
      found.push({ direction, run: gap, ...meets(readings, left, i, sought) });
    }
    side = now;
    left = i;
  }
  return found;
}
