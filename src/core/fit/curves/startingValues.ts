import { SeededChance } from "../../statistics/seededChance";
import { linearParameters } from "./linearParameters";
import { heightOf } from "./curveModel";
import { descend, type Search, squaresAt } from "./levenbergMarquardt";
import { withLinearPart } from "./linearPart";
import { parameterPowers } from "./parameterPowers";

/** Where a search may begin, the best first. */
export type Starts = readonly Float64Array[];

/** More points than these tell no more about where to begin. */
const mostPoints = 250;
const seed = 20_261_124;

/** An even sample of many points. */
export function sampled(search: Search, most = mostPoints): Search {
  const n = search.x.length;
  if (n <= most) return search;
  const places = new Int32Array(most);
  for (let i = 0; i < most; i++) places[i] = (i * n) / most;
  const take = (of: Float64Array) => {
    const some = new Float64Array(most);
    for (let i = 0; i < most; i++) some[i] = of[places[i] as number] as number;
    return some;
  };
  return { ...search, x: take(search.x), y: take(search.y), root: take(search.root) };
}

interface Extent {
  readonly low: number;
  readonly span: number;
}

function extentOf(values: Float64Array): Extent {
  const low = values.reduce((a, b) => Math.min(a, b));
  const high = values.reduce((a, b) => Math.max(a, b));
  return { low, span: high - low || Math.abs(high) || 1 };
}

/** A guess for a parameter by the powers of x and y in its unit: a rate, a place along x, a width, a height, a number. */
function guess(powers: readonly number[] | undefined, x: Extent, y: Extent, chance: SeededChance) {
  const [ofX, ofY] = (powers ?? [0, 0]) as [number, number];
  const sign = chance.uniform() < 0.5 ? -1 : 1;
  const spread = (from: number, to: number) => 10 ** (from + (to - from) * chance.uniform());
  if (ofX === 1 && ofY === 0) {
    const place = chance.uniform() < 0.5;
    return place ? x.low + x.span * (1.4 * chance.uniform() - 0.2) : x.span * spread(-1.7, 0.5);
  }
  if (ofX === 0 && ofY === 1) {
    const place = chance.uniform() < 0.5;
    return place ? y.low + y.span * (1.4 * chance.uniform() - 0.2) : sign * y.span * spread(-1, 1);
  }
  if (ofX === 0 && ofY === 0) return sign * spread(-2, 1.5);
  const reach = Math.max(Math.abs(x.low), Math.abs(x.low + x.span));
  const scale = (chance.uniform() < 0.5 ? x.span : reach) ** ofX * y.span ** ofY;
  return (chance.uniform() < 0.3 ? -1 : 1) * scale * spread(-1.3, 1.7);
}

const tries = [1, 240, 800, 2400, 4000];
const kept = 10;
const roughSteps = 60;
/** Progress is told every so many guesses, which take this part of the whole. */
const told = 50;
const guessing = 0.7;

function isNew(found: readonly { squares: number }[], squares: number): boolean {
  return found.every((one) => Math.abs(one.squares - squares) > 1e-3 * squares);
}

/**
 * Starting values from the points alone: seeded guesses for the parameters that stand inside functions, the linear ones by
 * least squares; the best are followed some steps down, and come out in the order in which they fit.
 */
export function startingValues(search: Search, onProgress?: (part: number) => void): Starts {
  const { model, bounds } = search;
  const rough = sampled(search);
  const places = new Map(model.parameters.map((name, place) => [name, place]));
  const free = search.free.map((place) => model.parameters[place] as string);
  const linear = [...linearParameters(model.expression, free)].map((n) => places.get(n) as number);
  const inner = search.free.filter((place) => !linear.includes(place));
  const powers = parameterPowers(
    ...([model.expression, model.parameters] as const),
    new Map([[model.variable, [1, 0]]]),
    [0, 1],
  );
  const [x, y] = [extentOf(rough.x), extentOf(rough.y)];
  const chance = new SeededChance(seed);
  const best: { parameters: Float64Array; squares: number }[] = [];
  const count = tries[Math.min(inner.length, tries.length - 1)] as number;
  for (let turn = 0; turn < count; turn++) {
    if (turn % told === 0) onProgress?.((guessing * turn) / count);
    const from = Float64Array.from(model.parameters, () => 0);
    for (const place of inner) {
      const value = guess(powers[place], x, y, chance);
      const [least, most] = [bounds.least[place] as number, bounds.most[place] as number];
      from[place] = Math.min(most, Math.max(least, value));
    }
    const found = withLinearPart(rough, linear, from);
    if (!found || (best.length === kept && found.squares >= (best.at(-1)?.squares ?? 0))) continue;
    if (!isNew(best, found.squares)) continue;
    best.push(found);
    best.sort((a, b) => a.squares - b.squares);
    if (best.length > kept) best.pop();
  }
  return followed(
    rough,
    best.map(({ parameters }) => parameters),
  );
}

/** The starts some steps further down, in the order in which they fit. */
function followed(search: Search, starts: Starts): Starts {
  return starts
    .map((start) => descend(search, start, { most: roughSteps }))
    .filter(({ squares }) => squares < Infinity)
    .sort((a, b) => a.squares - b.squares)
    .map(({ parameters }) => parameters);
}

/** A beginning with its Σ w (y − f)². */
interface Start {
  readonly parameters: Float64Array;
  readonly squares: number;
}

/** The values of parameters that are given, 0 for others, and the free ones that are left out. */
function givenTo({ model, free }: Search, given: Readonly<Record<string, number>>) {
  const from = Float64Array.from(model.parameters, (name) => given[name] ?? 0);
  const names = free.map((place) => model.parameters[place] as string);
  return { from, missing: names.filter((name) => given[name] === undefined) };
}

/** Given values of some parameters with the linear ones put in where they are left out. */
function started(search: Search, given: Readonly<Record<string, number>>): Start | undefined {
  const { model } = search;
  const { from, missing } = givenTo(search, given);
  if (missing.length === 0) {
    return { parameters: from, squares: squaresAt(search, heightOf(model), from) };
  }
  const linear = linearParameters(model.expression, missing);
  if (linear.size < missing.length) return undefined;
  const places = [...linear].map((name) => model.parameters.indexOf(name));
  return withLinearPart(search, places, from);
}

/** Given values of some parameters with the linear ones put in where they are left out. */
export function completed(
  search: Search,
  given: Readonly<Record<string, number>>,
): Float64Array | undefined {
  const { from, missing } = givenTo(search, given);
  return missing.length === 0 ? from : started(search, given)?.parameters;
}

/** So many points tell which of several beginnings is the better one. */
const pointsToRank = 40;

/** Beginnings, each completed, in the order in which they fit. */
export function rankedStarts(
  search: Search,
  starts: readonly Readonly<Record<string, number>>[],
): Starts {
  const few = sampled(search, pointsToRank);
  return starts
    .flatMap((start) => started(few, start) ?? [])
    .sort((a, b) => a.squares - b.squares)
    .map(({ parameters }) => parameters);
}
