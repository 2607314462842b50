import type { CurveOptions } from "./curveOptions";
import { heightOf } from "./curveModel";
import { type Descent, descend, type Search } from "./levenbergMarquardt";
import { completed, rankedStarts, sampled, startingValues } from "./startingValues";

const samePlace = 1e-6;

interface Lowest {
  readonly best: Descent;
  /** Whether another search that had converged ended higher. */
  readonly others: boolean;
}

/** The lowest of several descents; of those that end equally low the first. */
function lowest(descents: readonly Descent[]): Lowest | undefined {
  const ended = descents.filter(({ squares }) => squares < Infinity);
  const least = ended.reduce((low, { squares }) => Math.min(low, squares), Infinity);
  const as = ({ squares }: Descent) => squares <= least * (1 + samePlace) + 1e-300;
  const low = ended.filter(as);
  const best = low.find(({ converged }) => converged) ?? low[0];
  return best && { best, others: ended.some((one) => one.converged && !as(one)) };
}

function fixedValues({ wishes = {} }: CurveOptions): Record<string, number> {
  return Object.fromEntries(
    Object.entries(wishes).flatMap(([name, { fixed, start }]) =>
      fixed && start !== undefined ? [[name, start]] : [],
    ),
  );
}

function withFixed(search: Search, starts: readonly Float64Array[], fixed: Record<string, number>) {
  return starts.map((start) =>
    start.map((value, place) => fixed[search.model.parameters[place] as string] ?? value),
  );
}

const tried = 2;

/** Of many points this part is looked at before all of them. */
const part = 5;
const manyPoints = 4000;

/** How flat the squares are to be where a part of the points ends, and where all of many do: a ten-thousandth of each ±. */
const [roughly, closely] = [1e-4, 1e-7];

/** The lowest place of a sample of the points, and from there of more and of all of them. */
function descended(search: Search, starts: readonly Float64Array[]): Lowest | undefined {
  const rough = sampled(search);
  const found = lowest(starts.map((start) => descend(rough, start)));
  if (!found || rough === search) return found;
  const count = search.x.length;
  const some = count > manyPoints ? sampled(search, Math.ceil(count / part)) : undefined;
  const nearer = some ? descend(some, found.best.parameters, { near: roughly }) : found.best;
  return { best: descend(search, nearer.parameters, { near: closely }), others: found.others };
}

/** Residuals that follow one another this closely are a curve, not scatter. */
const patterned = 0.5;
const explained = 0.9;

/** The places of numbers in their order; undefined where they stand in it. */
function inOrderOf(x: Float64Array): Uint32Array | undefined {
  let i = 1;
  while (i < x.length && (x[i - 1] as number) <= (x[i] as number)) i++;
  if (i >= x.length) return undefined;
  return Uint32Array.from(x.keys()).sort((a, b) => (x[a] as number) - (x[b] as number));
}

/** Whether a curve explains most of the points and leaves no pattern about it. */
function isPlain({ model, x, y, root }: Search, { parameters, converged }: Descent): boolean {
  if (!converged) return false;
  const height = heightOf(model);
  const order = inOrderOf(x);
  let [weight, mean, whole, off, along, before] = [0, 0, 0, 0, 0, 0];
  for (let i = 0; i < x.length; i++) {
    const own = (root[i] as number) ** 2;
    weight += own;
    mean += own * (y[i] as number);
  }
  mean /= weight;
  for (let k = 0; k < x.length; k++) {
    const i = order ? (order[k] as number) : k;
    const left = (root[i] as number) * ((y[i] as number) - height(x[i] as number, parameters));
    whole += ((root[i] as number) * ((y[i] as number) - mean)) ** 2;
    off += left * left;
    along += left * before;
    before = left;
  }
  return off <= 1e-12 * whole || (off < (1 - explained) * whole && along < patterned * off);
}

/**
 * The lowest place found: from a person's starting values alone where the curve then explains the points and leaves no pattern,
 * else from what the family knows besides, else from guesses.
 */
export function searched(search: Search, options: CurveOptions): Lowest | undefined {
  const fixed = fixedValues(options);
  const { wishes = {}, starts } = options;
  const typed = Object.fromEntries(
    Object.entries(wishes).flatMap(([name, { start }]) =>
      start === undefined ? [] : [[name, start]],
    ),
  );
  const begun = Object.keys(typed).length > Object.keys(fixed).length;
  const own = begun ? completed(sampled(search), typed) : undefined;
  const alone = own && !options.ambiguous ? descended(search, [own]) : undefined;
  if (alone && isPlain(sampled(search), alone.best)) return alone;
  const theirs = own ? [own, ...completedAgain(sampled(search), own, options)] : [];
  const known = (starts?.() ?? []).map((start) => ({ ...start, ...fixed }));
  const ranked = rankedStarts(search, known).slice(0, tried);
  const first = descended(search, [...ranked, ...theirs]);
  if (first && (ranked.length > 0 ? first.best.converged : isPlain(sampled(search), first.best)))
    return first;
  const guessed = withFixed(search, startingValues(search, options.onProgress), fixed);
  return descended(search, [...guessed.slice(0, 1 + tried), ...ranked, ...theirs]);
}

/** The same beginning with the linear parameters put where they fit best beside the others. */
function completedAgain(search: Search, start: Float64Array, { wishes = {} }: CurveOptions) {
  const { model } = search;
  const inner = Object.fromEntries(
    model.parameters.map((name, place) => [name, start[place] as number]),
  );
  return model.parameters.flatMap((name) => {
    if (wishes[name]?.fixed) return [];
    const rest = Object.fromEntries(Object.entries(inner).filter(([other]) => other !== name));
    return completed(search, rest) ?? [];
  });
}
