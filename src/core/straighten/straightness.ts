import type { Barred } from "./transforms";

/** How straight points lie beside what their bars leave open. */
export interface Straightness {
  readonly slope: number;
  readonly intercept: number;
  readonly count: number;
  /** How many of its standard errors the curve term is away from 0; below 2 the points are straight as far as they tell. */
  readonly bend: number;
  /**
   * How far χ² of the line lies above what the bars let expect, in standard deviations: √(2χ²) − √(2ν − 1), Fisher's
   * approximation; at least 2 where the line misses most bars. Undefined where not every point has a bar.
   */
  readonly misfit: number | undefined;
  /** 1 for straight, towards 0 for ever more bent: 1/(1 + (b/2)²) with the larger of bend and misfit. */
  readonly straight: number;
  /** Above 0 where the points bend upwards. */
  readonly sign: 1 | -1;
}

/** Part of the size of y below which scatter is rounding. */
const noise = 1e-12;

interface Sums {
  readonly meanOfX: number;
  readonly meanOfY: number;
  readonly u: (i: number) => number;
  readonly v: (i: number) => number;
  readonly whole: number;
  readonly sum: (of: (i: number) => number) => number;
}

function sums(x: Float64Array, y: Float64Array, weight: Float64Array): Sums {
  const sum = (of: (i: number) => number) => {
    let total = 0;
    for (let i = 0; i < x.length; i++) if (weight[i]) total += (weight[i] as number) * of(i);
    return total;
  };
  const whole = sum(() => 1);
  const [mx, my] = [sum((i) => x[i] as number) / whole, sum((i) => y[i] as number) / whole];
  const [u, v] = [(i: number) => (x[i] as number) - mx, (i: number) => (y[i] as number) - my];
  return { meanOfX: mx, meanOfY: my, u, v, whole, sum };
}

/** Weights 1 for points with both numbers, 0 for the others. */
function plainWeights({ values: x }: Barred, { values: y }: Barred): Float64Array {
  return x.map((value, i) => (Number.isFinite(value) && Number.isFinite(y[i]) ? 1 : 0));
}

/** 1/(σy² + m²σx²) where every point has a bar; undefined otherwise. */
function barWeights(x: Barred, y: Barred, slope: number, plain: Float64Array, part: number) {
  const weights = new Float64Array(plain.length);
  for (let i = 0; i < plain.length; i++) {
    if (!plain[i]) continue;
    const sx = (part * ((x.up[i] as number) + (x.down[i] as number))) / 2;
    const sy = (part * ((y.up[i] as number) + (y.down[i] as number))) / 2;
    const variance = sy * sy + slope * slope * sx * sx;
    if (!(variance > 0)) return undefined;
    weights[i] = 1 / variance;
  }
  return weights;
}

/** The largest power of x of the smooth curve against which scatter is judged where there are no bars. */
const highestPower = 4;

/**
 * The curve term, and the scatter about the smoothest curve through the points: the least of those about polynomials
 * of degree 2 up to 4, orthogonal on the points (Forsythe 1957).
 */
function bendOf({ u, v, whole, sum }: Sums, length: number, count: number) {
  const places = Array.from({ length }, (_, i) => i);
  let [before, now] = [places.map(() => 0), places.map(() => 1)];
  let sizeBefore = 1;
  let left = places.map(v);
  let found: { readonly curve: number; readonly qq: number; scatter: number } | undefined;
  for (let power = 0; power <= Math.min(highestPower, count - 2); power++) {
    const size = sum((i) => (now[i] as number) ** 2);
    if (!(size > 1e-20 * sum((i) => u(i) ** (2 * power)))) break;
    const part = sum((i) => (now[i] as number) * (left[i] as number)) / size;
    left = left.map((rest, i) => rest - part * (now[i] as number));
    const scatter = sum((i) => (left[i] as number) ** 2) / (count - power - 1);
    if (power === 2) found = { curve: part, qq: size, scatter };
    else if (found && count - power > 2) found.scatter = Math.min(found.scatter, scatter);
    const centre = sum((i) => u(i) * (now[i] as number) ** 2) / size;
    const back = power === 0 ? 0 : size / sizeBefore;
    const next = now.map((value, i) => (u(i) - centre) * value - back * (before[i] as number));
    [before, now, sizeBefore] = [now, next, size];
  }
  const floor = (noise * noise * sum((i) => v(i) ** 2)) / whole;
  return found && { ...found, scatter: Math.max(found.scatter, floor) };
}

/** How far the line lies outside what the bars let expect. */
function misfitOf(
  { u, v }: Sums,
  slope: number,
  weights: Float64Array,
  part: number,
  count: number,
): number {
  let [chiSquare, missed] = [0, 0];
  weights.forEach((weight, i) => {
    if (!weight) return;
    const square = weight * (v(i) - slope * u(i)) ** 2;
    chiSquare += square;
    if (square * part * part > 1) missed++;
  });
  const off = Math.sqrt(2 * chiSquare) - Math.sqrt(2 * (count - 2) - 1);
  return missed > count / 2 ? Math.max(off, 2) : off;
}

function slopeIn({ u, v, sum }: Sums): number {
  return sum((i) => u(i) * v(i)) / sum((i) => u(i) ** 2);
}

/**
 * Whether a term in x² still helps by more than the bars, or where there are none the scatter about a smooth curve,
 * explain: its size in standard errors, with weights 1/(σy² + m²σx²); and whether the line itself lies within the bars.
 * @param part what of a bar is a standard uncertainty: 1/√3 of a limit.
 * @returns undefined for fewer than four points with both numbers, or fewer than three different x.
 */
export function straightnessOf(x: Barred, y: Barred, part: number): Straightness | undefined {
  const plain = plainWeights(x, y);
  const count = plain.reduce((total, one) => total + one, 0);
  if (count < 4) return undefined;
  const even = sums(x.values, y.values, plain);
  if (!(even.sum((i) => even.u(i) ** 2) > 0)) return undefined;
  const first = barWeights(x, y, slopeIn(even), plain, part);
  const once = first && sums(x.values, y.values, first);
  const weights = once && barWeights(x, y, slopeIn(once), plain, part);
  const about = weights ? sums(x.values, y.values, weights) : even;
  const found = bendOf(about, x.values.length, count);
  if (!found) return undefined;
  const slope = slopeIn(about);
  const misfit = weights && misfitOf(about, slope, weights, part, count);
  const bend = Math.abs(found.curve) / Math.sqrt((weights ? 1 : found.scatter) / found.qq);
  return {
    slope,
    intercept: about.meanOfY - slope * about.meanOfX,
    count,
    bend,
    misfit,
    sign: found.curve < 0 ? -1 : 1,
    straight: 1 / (1 + (Math.max(bend, misfit ?? 0) / 2) ** 2),
  };
}
