import FFT from "fft.js";
import type { ReadOff } from "./readOff";
import type { Readings } from "./trace";

/** How strong each frequency is in readings. */
export interface Spectrum {
  /** From one line to the next, in Hz. */
  readonly step: number;
  /** The strength at 0, step, 2 step …, in the unit of the channel. */
  readonly strengths: Float64Array;
  /** What two frequencies must be apart to be told apart: 1/T, in Hz. */
  readonly resolution: number;
}

/** Readings at even times; lost ones lie on the straight line between those beside them. */
function evenly({ times, values }: Readings, step: number): Float64Array {
  const last = times.length - 1;
  const start = times[0] as number;
  const even = new Float64Array(Math.round(((times[last] as number) - start) / step) + 1);
  let after = 0;
  for (let i = 0; i < even.length; i++) {
    const time = start + i * step;
    while (after < last && (times[after] as number) < time) after += 1;
    const before = Math.max(0, after - 1);
    const apart = (times[after] as number) - (times[before] as number);
    const part = apart > 0 ? Math.min(1, (time - (times[before] as number)) / apart) : 1;
    even[i] = (values[before] as number) * (1 - part) + (values[after] as number) * part;
  }
  return even;
}

/** Readings without their mean, each weighed by Hann's window, filled up with nothing to a power of two. */
function windowed(even: Float64Array): { filled: number[]; weight: number } {
  const size = 2 ** Math.ceil(Math.log2(Math.max(2, even.length)));
  const filled = new Array<number>(size).fill(0);
  let mean = 0;
  for (const value of even) mean += value / even.length;
  let weight = 0;
  for (let i = 0; i < even.length; i++) {
    const hann = 0.5 - 0.5 * Math.cos((2 * Math.PI * (i + 0.5)) / even.length);
    filled[i] = ((even[i] as number) - mean) * hann;
    weight += hann;
  }
  return { filled, weight };
}

/** The fewest readings whose spectrum is told. */
const fewestReadings = 8;

/**
 * The spectrum of readings by the fast Fourier transform under the window of Hann
 * Source: Harris, Proc. IEEE 66 (1978) 51. @param step between readings, in s. @returns undefined for fewer than eight readings.
 */
export function spectrumOf(readings: Readings, step: number): Spectrum | undefined {
  if (readings.times.length < fewestReadings) return undefined;
  const even = evenly(readings, step);
  const { filled, weight } = windowed(even);
  const transform = new FFT(filled.length);
  const output = transform.createComplexArray();
  transform.realTransform(output, filled);
  const strengths = new Float64Array(filled.length / 2);
  for (let i = 0; i < strengths.length; i++) {
    strengths[i] = (2 * Math.hypot(output[2 * i] as number, output[2 * i + 1] as number)) / weight;
  }
  return { step: 1 / (filled.length * step), strengths, resolution: 1 / (even.length * step) };
}

/**
 * The strongest frequency, on the parabola through the logarithms of the strongest line and the two beside it.
 * Its ± is a limit of half the resolution: two frequencies closer than the resolution are one peak.
 * @param clock limit of what the clock is off by, as a part. @returns in Hz; undefined where nothing stands out.
 */
export function strongestFrequency(spectrum: Spectrum, clock = 0): ReadOff | undefined {
  const { strengths, step, resolution } = spectrum;
  const first = Math.ceil((2 * resolution) / step);
  let at = first;
  for (let i = first; i < strengths.length - 1; i++) {
    if ((strengths[i] as number) > (strengths[at] as number)) at = i;
  }
  const near = [at - 1, at, at + 1].map((i) => Math.log(strengths[i] ?? 0));
  const [below, top, above] = near as [number, number, number];
  const bend = below - 2 * top + above;
  if (!near.every(Number.isFinite) || !(bend < 0)) return undefined;
  const value = (at + (below - above) / (2 * bend)) * step;
  return { value, random: 0, common: resolution / 2 + clock * value };
}
