import { recordingLimits } from "@/protocol/recordings";
import { evenStep, type LoggedStretch } from "./loggerReader";

/** Readings at even times, those that are missing as lost ones (NaN); or times that are not even. */
export type Gridded =
  | { readonly kind: "even"; readonly step: number; readonly channels: readonly Float32Array[] }
  | { readonly kind: "uneven" };

/** A reading that lies further beside its place than this part of a step was not taken at even times. */
const besideBy = 0.1;

/** So many gaps tell which one is usual. */
const mostGaps = 100_000;

/** The middle one of the gaps between times, of very many of them of some that lie evenly among them. */
function usualGap(times: Float64Array): number {
  const all = times.length - 1;
  const gaps = new Float64Array(Math.min(all, mostGaps));
  for (let i = 0; i < gaps.length; i++) {
    const at = Math.floor((i * all) / gaps.length);
    gaps[i] = (times[at + 1] as number) - (times[at] as number);
  }
  return gaps.sort()[gaps.length >> 1] as number;
}

/** A step that agrees with the usual gap, and with how many of them lie between the first and the last time. */
function stepOf(times: Float64Array): number | undefined {
  const usual = usualGap(times);
  const whole = (times[times.length - 1] as number) - (times[0] as number);
  const count = Math.round(whole / usual);
  return usual > 0 && count > 0 && count < recordingLimits.readings ? whole / count : undefined;
}

/** The place of each reading on the grid; undefined where one lies beside it, or two on one place. */
function placesOf(times: Float64Array, step: number): Int32Array | undefined {
  const places = new Int32Array(times.length);
  const first = times[0] as number;
  for (let i = 0; i < times.length; i++) {
    const at = ((times[i] as number) - first) / step;
    places[i] = Math.round(at);
    const taken = i > 0 && places[i] === places[i - 1];
    if (taken || Math.abs(at - (places[i] as number)) > besideBy) return undefined;
  }
  return places;
}

/**
 * Readings of a logger as those of a recording, which are taken at even times: lines that are missing become lost readings.
 * @param step of files without times, in s.
 */
export function onEvenGrid({ times, channels }: LoggedStretch, step: number): Gridded {
  if (times.length === 0) return { kind: "even", step, channels };
  if (times.length < 2) return { kind: "uneven" };
  const even = evenStep(times);
  if (even !== undefined) return { kind: "even", step: even, channels };
  const found = stepOf(times);
  const places = found === undefined ? undefined : placesOf(times, found);
  if (found === undefined || !places) return { kind: "uneven" };
  const size = (places[places.length - 1] as number) + 1;
  const spread = channels.map((values) => {
    const all = new Float32Array(size).fill(NaN);
    places.forEach((place, i) => (all[place] = values[i] as number));
    return all;
  });
  return { kind: "even", step: found, channels: spread };
}
