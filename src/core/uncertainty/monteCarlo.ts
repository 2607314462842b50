import type { Compiled } from "../expression/compile";
import { SeededChance } from "../statistics/seededChance";

/** One input as it is drawn: a standard uncertainty from a normal distribution, a limit from a rectangle. */
export interface DrawnInput {
  readonly value: number;
  /** The standard deviation, or the half-width of the rectangle; 0 for an exact input. */
  readonly size: number;
  readonly distribution: "normal" | "rectangular";
}

/** What the draws gave, in the unit of the formula. */
export interface MonteCarlo {
  readonly draws: number;
  /** Draws outside the formula's domain, left out of everything else. */
  readonly outside: number;
  readonly mean: number;
  readonly standardDeviation: number;
  /** 2.5 % below and 2.5 % above. */
  readonly symmetric: readonly [low: number, high: number];
  /** The narrowest stretch that holds 95 %. */
  readonly shortest: readonly [low: number, high: number];
  readonly histogram: {
    readonly from: number;
    readonly to: number;
    readonly counts: readonly number[];
  };
}

const atOnce = 50_000;
const bins = 60;
const coverage = 0.95;

/** The value at a part of sorted values, between two where it falls between them. */
function quantile(sorted: Float64Array, part: number): number {
  const at = part * (sorted.length - 1);
  const low = Math.floor(at);
  const below = sorted[low] as number;
  const above = sorted[Math.min(low + 1, sorted.length - 1)] as number;
  return below + (at - low) * (above - below);
}

function shortestStretch(sorted: Float64Array): [number, number] {
  const width = Math.min(sorted.length - 1, Math.ceil(coverage * sorted.length) - 1);
  let best = 0;
  let least = Infinity;
  for (let i = 0; i + width < sorted.length; i++) {
    const stretch = (sorted[i + width] as number) - (sorted[i] as number);
    if (stretch < least) [least, best] = [stretch, i];
  }
  return [sorted[best] as number, sorted[best + width] as number];
}

/** Counts between the 0.1 % and 99.9 % quantiles, so that a long tail does not flatten the rest. */
function histogramOf(sorted: Float64Array): MonteCarlo["histogram"] {
  const [from, to] = [quantile(sorted, 0.001), quantile(sorted, 0.999)];
  const counts = new Array<number>(bins).fill(0);
  if (to > from) {
    for (const value of sorted) {
      const bin = Math.floor(((value - from) / (to - from)) * bins);
      if (bin >= 0 && bin < bins) counts[bin] = (counts[bin] as number) + 1;
    }
  }
  return { from, to, counts };
}

/** Undefined for fewer than two values. */
function spreadOf(
  values: Float64Array,
): Pick<MonteCarlo, "mean" | "standardDeviation"> | undefined {
  const count = values.length;
  if (count < 2) return undefined;
  const first = values[0] as number;
  let sum = 0;
  for (let i = 0; i < count; i++) sum += (values[i] as number) - first;
  const mean = first + sum / count;
  let squares = 0;
  for (let i = 0; i < count; i++) squares += ((values[i] as number) - mean) ** 2;
  return { mean, standardDeviation: Math.sqrt(squares / (count - 1)) };
}

function summary(values: Float64Array, draws: number): MonteCarlo | undefined {
  const spread = spreadOf(values);
  if (!spread) return undefined;
  const sorted = values.sort();
  const tail = (1 - coverage) / 2;
  return {
    draws,
    outside: draws - values.length,
    mean: spread.mean,
    standardDeviation: spread.standardDeviation,
    symmetric: [quantile(sorted, tail), quantile(sorted, 1 - tail)],
    shortest: shortestStretch(sorted),
    histogram: histogramOf(sorted),
  };
}

type Draw = (formula: Compiled, inputs: readonly DrawnInput[], draws: number, seed: number) => Generator<number, Float64Array>; // prettier-ignore

/** The draws that lay inside the formula's domain. */
const draw: Draw = function* (formula, inputs, draws, seed) {
  const chance = new SeededChance(seed);
  const values = new Float64Array(draws);
  const drawn = Float64Array.from(inputs, ({ value }) => value);
  let count = 0;
  for (let turn = 0; turn < draws; turn++) {
    for (let i = 0; i < inputs.length; i++) {
      const { value, size, distribution } = inputs[i] as DrawnInput;
      if (size === 0) continue;
      drawn[i] =
        value + size * (distribution === "normal" ? chance.normal() : 2 * chance.uniform() - 1);
    }
    const result = formula(drawn);
    if (Number.isFinite(result)) values[count++] = result;
    if (turn % atOnce === atOnce - 1) yield (turn + 1) / draws;
  }
  return values.subarray(0, count);
};

/**
 * Propagates distributions by drawing every input many times (GUM-S1). Yields how much is done, from 0 to 1, so that a
 * caller can tell of it or give up between two stretches; the same seed gives the same answer.
 * @returns undefined when fewer than two draws lay inside the formula's domain.
 */
export function* monteCarlo(
  formula: Compiled,
  inputs: readonly DrawnInput[],
  draws: number,
  seed: number,
): Generator<number, MonteCarlo | undefined> {
  return summary(yield* draw(formula, inputs, draws, seed), draws);
}

/**
 * The standard deviation that `monteCarlo` finds with the same draws, in the unit of the formula, at once.
 * @returns undefined when fewer than two draws lay inside the formula's domain.
 */
export function drawnDeviation(
  formula: Compiled,
  inputs: readonly DrawnInput[],
  draws: number,
  seed: number,
): number | undefined {
  const drawing = draw(formula, inputs, draws, seed);
  let step = drawing.next();
  while (!step.done) step = drawing.next();
  return spreadOf(step.value)?.standardDeviation;
}
