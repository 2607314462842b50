import type { Barred } from "./transforms";

/** How straight points lie beside what their bars leave open. */
export interface Straightness {
  readonly slope: number;
  readonly intercept: number;
  readonly count: number;
  /** How many of its standard errors the curve term is away from 0; below 2 the points are straight as far as they tell. */
  readonly bend: number;
  /** 1 for straight, towards 0 for ever more bent: 1/(1 + (bend/2)²). */
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

function bendOf({ u, v, whole, sum }: Sums, count: number, absolute: boolean) {
  const uu = sum((i) => u(i) ** 2);
  const cube = sum((i) => u(i) ** 3);
  const slope = sum((i) => u(i) * v(i)) / uu;
  const q = (i: number) => u(i) ** 2 - (cube / uu) * u(i) - uu / whole;
  const qq = sum((i) => q(i) ** 2);
  if (!(qq > 1e-20 * sum((i) => u(i) ** 4))) return undefined;
  const curve = sum((i) => q(i) * v(i)) / qq;
  const left = sum((i) => (v(i) - slope * u(i) - curve * q(i)) ** 2);
  const scatter = left / (count - 3);
  const floor = (noise * noise * sum((i) => v(i) ** 2)) / whole;
  const variance = absolute ? Math.max(1, scatter) : Math.max(scatter, floor);
  return { curve, bend: Math.abs(curve) / Math.sqrt(variance / qq) };
}

/**
 * Whether a term in x² still helps by more than the bars, or where there are none the scatter, explain: its size in
 * standard errors, with weights 1/(σy² + m²σx²).
 * @param part what of a bar is a standard uncertainty: 1/√3 of a limit.
 * @returns undefined for fewer than four points with both numbers, or fewer than three different x.
 */
export function straightnessOf(x: Barred, y: Barred, part: number): Straightness | undefined {
  const plain = plainWeights(x, y);
  const count = plain.reduce((total, one) => total + one, 0);
  if (count < 4) return undefined;
  const even = sums(x.values, y.values, plain);
  const uu = even.sum((i) => even.u(i) ** 2);
  if (!(uu > 0)) return undefined;
  const slope = even.sum((i) => even.u(i) * even.v(i)) / uu;
  const intercept = even.meanOfY - slope * even.meanOfX;
  const weights = barWeights(x, y, slope, plain, part);
  const found = bendOf(
    weights ? sums(x.values, y.values, weights) : even,
    count,
    weights !== undefined,
  );
  if (!found) return undefined;
  const { bend, curve } = found;
  return {
    ...{ slope, intercept, count, bend, sign: curve < 0 ? -1 : 1 },
    straight: 1 / (1 + (bend / 2) ** 2),
  };
}
