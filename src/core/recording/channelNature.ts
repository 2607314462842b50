import type { Readings } from "./trace";

/** What is known of a channel before anything is read off; amounts in its unit. */
export interface ChannelNature {
  /** One step of what it tells; 0 where none is known. */
  readonly resolution: number;
  /** Standard deviation of one reading; undefined where it is to be found from the readings. */
  readonly noise?: number;
  /** A limit: all readings may be off by so much alike. */
  readonly zero: number;
  /** A limit: all readings may be too large or too small by this part of them. */
  readonly scale: number;
  /** A limit: all times may be too long or too short by this part of them. */
  readonly clock: number;
}

/** A channel of which nothing is known but its readings. */
export const unknownNature: ChannelNature = { resolution: 0, zero: 0, scale: 0, clock: 0 };

/** Three readings of which one is further from the middle one than the other by this part of all are not even. */
const unevenFrom = 0.1;

/**
 * Noise of single readings from how each lies beside the middle of its neighbours, so that a slope doesn't count.
 *
 *   σ² = Σ (yᵢ₋₁ − 2 yᵢ + yᵢ₊₁)² / 6m
 *
 * Source: von Neumann et al., Ann. Math. Stat. 12 (1941) 153, for second differences.
 * @returns 0 where no three readings follow each other evenly.
 */
export function noiseWithin({ times, values, gaps }: Readings): number {
  let [sum, count, gap] = [0, 0, 0];
  for (let i = 2; i < values.length; i++) {
    while ((gaps[gap] ?? Infinity) < i - 1) gap += 1;
    if ((gaps[gap] ?? Infinity) <= i) continue;
    const [before, middle, after] = [
      times[i - 2] as number,
      times[i - 1] as number,
      times[i] as number,
    ];
    if (Math.abs(after - 2 * middle + before) > unevenFrom * (after - before)) continue;
    const second =
      (values[i - 2] as number) - 2 * (values[i - 1] as number) + (values[i] as number);
    sum += second * second;
    count += 1;
  }
  return count === 0 ? 0 : Math.sqrt(sum / (6 * count));
}

/** What one reading leaves open by noise and by the step of its resolution, in the unit of the channel. */
export interface SingleReading {
  /** Standard uncertainty of one reading: u² = σ² + q²/12, the step as a rectangle (GUM F.2.2.1). */
  readonly uncertainty: number;
  /** The part of it that grows less with more readings. */
  readonly noise: number;
  /** The part that stays, however many readings there are. */
  readonly staying: number;
}

/** Noise of so many steps spreads readings over steps, so that what rounding takes and gives is even (Widrow & Kollár 2008, ch. 19). */
const spreadsOverSteps = 0.5;

/** What one reading of a channel leaves open. */
export function singleReading(nature: ChannelNature, readings: Readings): SingleReading {
  const step = nature.resolution / Math.sqrt(12);
  const found = nature.noise ?? noiseWithin(readings);
  const holdsStep = nature.noise === undefined && found > step;
  const uncertainty = holdsStep ? found : Math.hypot(found, step);
  if (found >= spreadsOverSteps * nature.resolution) {
    return { uncertainty, noise: uncertainty, staying: 0 };
  }
  return { uncertainty, noise: found, staying: step };
}
