import { fitWeightedLine } from "../fit/weightedLine";
import type { ChannelNature } from "./channelNature";
import type { Extreme } from "./extremes";
import { type Level, widened } from "./gaps";
import type { ReadOff } from "./readOff";

/**
 * The level about which readings go to and fro: of each three turns one after the other the mean of the middle one and of
 * the mean of the two beside it, so that a slow decay takes no part. Its ± is that of the mean, from the heights' own ±.
 * @returns undefined for fewer than three turns.
 */
export function middleOf(extremes: readonly Extreme[]): Level | undefined {
  const weights = new Float64Array(extremes.length);
  const triples = extremes.length - 2;
  if (triples < 1) return undefined;
  for (let i = 0; i < triples; i++) {
    weights[i] = (weights[i] as number) + 0.25 / triples;
    weights[i + 1] = (weights[i + 1] as number) + 0.5 / triples;
    weights[i + 2] = (weights[i + 2] as number) + 0.25 / triples;
  }
  let [value, square] = [0, 0];
  extremes.forEach(({ height, uncertainty }, i) => {
    const weight = weights[i] as number;
    value += weight * height;
    square += (weight * uncertainty) ** 2;
  });
  return { value, random: Math.sqrt(square), common: 0 };
}

/** f = 1/T with u(f) = u(T)/T². */
export function frequencyOf({ value, random, common }: ReadOff): ReadOff {
  return { value: 1 / value, random: random / value ** 2, common: common / value ** 2 };
}

/** Half of the way from a peak to the trough behind it, and when; no middle is needed for it. */
interface Swing {
  readonly time: number;
  readonly amplitude: number;
  readonly uncertainty: number;
}

function swingsOf(extremes: readonly Extreme[]): Swing[] {
  const swings: Swing[] = [];
  const first = extremes.findIndex(({ kind }) => kind === "peak");
  for (let i = Math.max(0, first); i + 1 < extremes.length; i += 2) {
    const [peak, trough] = [extremes[i] as Extreme, extremes[i + 1] as Extreme];
    swings.push({
      time: peak.time,
      amplitude: (peak.height - trough.height) / 2,
      uncertainty: Math.hypot(peak.uncertainty, trough.uncertainty) / 2,
    });
  }
  return swings.filter(({ amplitude }) => amplitude > 0);
}

/** The least number of swings whose decay is told. */
const fewestSwings = 3;

/**
 * How peaks decay: a = a₀ e^(−t/τ) of the amplitudes, half from each peak to the trough behind it; τ = −1/m of the
 * weighted line ln a against t with u(ln a) = u(a)/a, u(τ) = u(m)/m². Needs no middle.
 * @returns τ in s; undefined for fewer than three swings or where they don't decay.
 */
export function decayOfPeaks(
  extremes: readonly Extreme[],
  nature: ChannelNature,
): ReadOff | undefined {
  const swings = swingsOf(extremes);
  if (swings.length < fewestSwings) return undefined;
  const outcome = fitWeightedLine(
    swings.map(({ time }) => time),
    swings.map(({ amplitude }) => Math.log(amplitude)),
    swings.map(({ amplitude, uncertainty }) => Math.max(uncertainty / amplitude, 1e-12)),
  );
  if (outcome.kind === "no-line" || !(outcome.line.slope < 0)) return undefined;
  const { slope } = outcome.line;
  const value = -1 / slope;
  return { value, random: widened(outcome.line) / slope ** 2, common: nature.clock * value };
}
