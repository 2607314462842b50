import { fitOrdinaryLine } from "../fit/ordinaryLine";
import type { LineOutcome } from "../fit/lineFit";
import { type ChannelNature, singleReading } from "./channelNature";
import type { ReadOff } from "./readOff";
import type { Readings } from "./trace";

/** What the readings of a stretch say as they stand, in the unit of the channel. */
export interface StretchStatistics {
  readonly count: number;
  readonly mean: ReadOff;
  /** Sample standard deviation; undefined for one reading. */
  readonly spread: number | undefined;
  readonly least: number;
  readonly greatest: number;
}

function sumsOf(values: Float64Array) {
  const first = values[0] as number;
  let [sum, squares, least, greatest] = [0, 0, Infinity, -Infinity];
  for (const value of values) {
    const off = value - first;
    sum += off;
    squares += off * off;
    if (value < least) least = value;
    if (value > greatest) greatest = value;
  }
  return { first, sum, squares, least, greatest };
}

/** What a channel shares in all readings of about a size, as a limit in its unit. */
const sharedBy = (nature: ChannelNature, size: number): number =>
  nature.zero + nature.scale * Math.abs(size);

/**
 * Mean, spread, least and greatest of readings.
 *
 *   u(ȳ)² = σ²/n + (q²/12 where the noise doesn't spread readings over steps)
 *
 * The ± is that of the mean of what the channel told over this stretch: how a quantity changes within it is no part.
 * Source: GUM 4.2.3, F.2.2.1. @returns undefined without readings.
 */
export function statisticsOf(
  readings: Readings,
  nature: ChannelNature,
): StretchStatistics | undefined {
  const count = readings.values.length;
  if (count === 0) return undefined;
  const { first, sum, squares, least, greatest } = sumsOf(readings.values);
  const mean = first + sum / count;
  const { noise, staying } = singleReading(nature, readings);
  const random = Math.hypot(noise / Math.sqrt(count), staying);
  const around = Math.max(0, squares - (sum * sum) / count);
  return {
    count,
    mean: { value: mean, random, common: sharedBy(nature, mean) },
    spread: count > 1 ? Math.sqrt(around / (count - 1)) : undefined,
    least,
    greatest,
  };
}

/**
 * The value at a moment, on the straight line between the readings beside it.
 * @returns undefined outside of the readings and within a gap.
 */
export function valueAt(
  readings: Readings,
  nature: ChannelNature,
  time: number,
): ReadOff | undefined {
  const { times, values, gaps } = readings;
  const after = times.findIndex((one) => one >= time);
  if (after < 0) return undefined;
  const { uncertainty } = singleReading(nature, readings);
  const upper = values[after] as number;
  if (times[after] === time) {
    return { value: upper, random: uncertainty, common: sharedBy(nature, upper) };
  }
  if (after === 0 || gaps.includes(after)) return undefined;
  const [t0, t1] = [times[after - 1] as number, times[after] as number];
  const part = (time - t0) / (t1 - t0);
  const value = (values[after - 1] as number) * (1 - part) + upper * part;
  return {
    value,
    random: uncertainty * Math.hypot(1 - part, part),
    common: sharedBy(nature, value),
  };
}

/** The least-squares line over a stretch, no bars counted: the line of Slope. Slope in the channel's unit a second. */
export function lineOver({ times, values }: Readings): LineOutcome {
  return fitOrdinaryLine(times, values);
}

/** The slope of that line with its ±: its standard error, and what scale and clock of the instrument share. */
export function slopeOver(readings: Readings, nature: ChannelNature): ReadOff | undefined {
  const outcome = lineOver(readings);
  if (outcome.kind === "no-line" || outcome.line.standardErrorOfSlope === undefined)
    return undefined;
  const { slope, standardErrorOfSlope, sumOfSquaresOfX } = outcome.line;
  const { uncertainty } = singleReading(nature, readings);
  const byNoise = uncertainty / Math.sqrt(sumOfSquaresOfX);
  return {
    value: slope,
    random: Math.max(standardErrorOfSlope, byNoise),
    common: (nature.scale + nature.clock) * Math.abs(slope),
  };
}

/**
 * The area under the readings by trapezoids, in the channel's unit times s; a gap is bridged by a straight line.
 *
 *   A = Σ wᵢ yᵢ with wᵢ = (tᵢ₊₁ − tᵢ₋₁)/2     u² = σ² Σ wᵢ² + (q²/12) T²     Δ = zero·T + (scale + clock)·|A|
 *
 * @returns undefined for fewer than two readings.
 */
export function areaUnder(readings: Readings, nature: ChannelNature): ReadOff | undefined {
  const { times, values } = readings;
  const last = times.length - 1;
  if (last < 1) return undefined;
  let [area, weights] = [0, 0];
  for (let i = 0; i <= last; i++) {
    const [before, after] = [
      times[Math.max(0, i - 1)] as number,
      times[Math.min(last, i + 1)] as number,
    ];
    const weight = (after - before) / 2;
    area += weight * (values[i] as number);
    weights += weight * weight;
  }
  const { noise, staying } = singleReading(nature, readings);
  const lasting = (times[last] as number) - (times[0] as number);
  return {
    value: area,
    random: Math.hypot(noise * Math.sqrt(weights), staying * lasting),
    common: nature.zero * lasting + (nature.scale + nature.clock) * Math.abs(area),
  };
}
