import { type CurveModel, type heightOf, slopesOf } from "./curveModel";
import { CurvePass, type WeighedPoints } from "./curvePass";
import { backSubstituted, type OrthogonalFactors, orthogonalFactors } from "./orthogonalFactors";

/** Where a parameter may go, by its place. */
export interface Bounds {
  readonly least: readonly number[];
  readonly most: readonly number[];
}

export interface Descent {
  readonly parameters: Float64Array;
  /** Σ w (y − f(x))². */
  readonly squares: number;
  readonly converged: boolean;
  readonly steps: number;
  /** The factors at those parameters. */
  readonly factors: OrthogonalFactors;
}

/** Points that are wanted near to nothing else: what a search may change. */
export interface Search extends WeighedPoints {
  readonly model: CurveModel;
  /** Places of the parameters that are looked for. */
  readonly free: readonly number[];
  readonly bounds: Bounds;
}

/** Σ w (y − f)² at given parameters; Infinity where the curve has no height at a point. */
export function squaresAt(
  { x, y, root }: WeighedPoints,
  height: ReturnType<typeof heightOf>,
  at: ArrayLike<number>,
): number {
  let sum = 0;
  for (let i = 0; i < x.length; i++) {
    const off = (root[i] as number) * ((y[i] as number) - height(x[i] as number, at));
    sum += off * off;
  }
  return Number.isFinite(sum) ? sum : Infinity;
}

/** The triangle of the free parameters' slopes with the residuals, weights put in. */
export function factorsAt(search: Search, at: Float64Array): OrthogonalFactors {
  return new CurvePass(search.model, search, search.free).at(at).factors;
}

function columnSizes({ r }: OrthogonalFactors): Float64Array {
  const sizes = new Float64Array(r.length);
  for (const row of r) for (let j = 0; j < row.length; j++) sizes[j] = (sizes[j] as number) + (row[j] as number) ** 2;
  return sizes.map(Math.sqrt);
} // prettier-ignore

/** The step that solves (RᵀR + λD²) δ = Rᵀb, by the triangle of R over √λ D. */
function dampedStep({ r, along }: OrthogonalFactors, damping: number, sizes: Float64Array) {
  const p = r.length;
  const columns = Array.from({ length: p }, (_, j) => {
    const column = new Float64Array(2 * p);
    for (let i = 0; i <= j; i++) column[i] = (r[i] as Float64Array)[j] as number;
    column[p + j] = Math.sqrt(damping) * (sizes[j] as number);
    return column;
  });
  const target = new Float64Array(2 * p);
  target.set(along);
  const stacked = orthogonalFactors(columns, target);
  return backSubstituted(stacked.r, stacked.along);
}

function moved(search: Search, from: Float64Array, step: Float64Array): Float64Array {
  const { free, bounds } = search;
  const to = Float64Array.from(from);
  free.forEach((place, j) => {
    const wanted = (from[place] as number) + (step[j] as number);
    to[place] = Math.min(
      bounds.most[place] as number,
      Math.max(bounds.least[place] as number, wanted),
    );
  });
  return to;
}

/** How much smaller the squares would be after a step, were the curve linear in its parameters. */
function promised({ r, along }: OrthogonalFactors, step: Float64Array): number {
  const reached = r.map((row, i) => {
    let sum = 0;
    for (let j = i; j < row.length; j++) sum += (row[j] as number) * (step[j] as number);
    return sum;
  });
  return reached.reduce((sum, part, i) => sum + part * (2 * (along[i] as number) - part), 0);
}

const smallStep = 1e-13;
const flat = 1e-9;
/** Leaning no more than this, a step changes the squares by less than their own rounding. */
const hardlyTold = 1e-7;
const mostSteps = 600;

function isSmall(step: Float64Array, search: Search, at: Float64Array): boolean {
  return search.free.every(
    (place, j) => Math.abs(step[j] as number) <= smallStep * Math.abs(at[place] as number),
  );
}

/** Whether the residuals hardly lean along any slope (Bates & Watts, relative offset). */
function isFlat({ along, beside }: OrthogonalFactors, slack: number): boolean {
  const leaning = along.reduce((sum, part) => sum + part * part, 0);
  return leaning <= slack * slack * (beside + leaning) || leaning === 0;
}

/** The search without the parameters that stand at a bound and would go on beyond it. */
function withoutHeld(search: Search, at: Float64Array): Search {
  const { free, bounds } = search;
  const held = free.filter((place) => at[place] === bounds.least[place] || at[place] === bounds.most[place]); // prettier-ignore
  if (held.length === 0) return search;
  const { values, slopes } = slopesOf(search.model, search.x, at);
  const outwards = held.filter((place) => {
    const lean = values.reduce((sum, value, i) => {
      const weight = (search.root[i] as number) ** 2;
      return sum + weight * ((search.y[i] as number) - value) * ((slopes[place] as Float64Array)[i] as number); // prettier-ignore
    }, 0);
    return at[place] === bounds.most[place] ? lean >= 0 : lean <= 0;
  });
  return { ...search, free: free.filter((place) => !outwards.includes(place)) };
}

/** Whether the curve meets the points as closely as numbers can say. */
function meets({ y, root }: Search, squares: number): boolean {
  const size = y.reduce((sum, value, i) => sum + (value * (root[i] as number)) ** 2, 0);
  return squares <= 1e-22 * size;
}

/**
 * Levenberg–Marquardt with exact derivatives: steps by QR, scaled by the largest slopes met (Moré 1978), damped as Nielsen
 * (1999) says, kept within bounds.
 * @param start a value for every parameter; those that are not free stay.
 * @param near given where the start is the end of a sample of the points: how flat the squares are to be, rather than as
 * numbers can say; the first steps are hardly damped.
 */
export function descend(
  search: Search,
  start: Float64Array,
  { most = mostSteps, near }: { readonly most?: number; readonly near?: number } = {},
): Descent {
  const pass = new CurvePass(search.model, search, search.free);
  let at = moved(search, start, new Float64Array(search.free.length));
  let { squares, factors } = pass.at(at);
  if (squares === Infinity) return { parameters: at, squares, converged: false, steps: 0, factors };
  let sizes = columnSizes(factors);
  let [damping, growth, steps] = [near ? 1e-9 : 1e-3, 2, 0];
  while (steps < most && !isFlat(factors, near ?? flat)) {
    steps += 1;
    const isLast = isFlat(factors, hardlyTold);
    const step = dampedStep(factors, isLast ? 0 : damping, sizes);
    if (!step) break;
    if (isSmall(step, search, at)) break;
    const next = moved(search, at, step);
    const then = pass.at(next);
    if (isLast) {
      if (isFlat(then.factors, hardlyTold)) {
        at = next;
        ({ squares, factors } = then);
      }
      break;
    }
    if (then.squares < squares) {
      const gain = (squares - then.squares) / promised(factors, step);
      damping *= Math.max(1 / 3, 1 - (2 * gain - 1) ** 3);
      growth = 2;
      at = next;
      ({ squares, factors } = then);
      sizes = columnSizes(factors).map((size, j) => Math.max(size, sizes[j] as number));
      continue;
    }
    if (damping > 1e30) break;
    damping *= growth;
    growth *= 2;
  }
  const isLow = isFlat(factors, 1e-4) || isFlat(factorsAt(withoutHeld(search, at), at), 1e-4);
  const converged = steps < most && (isLow || meets(search, squares));
  return { parameters: at, squares, converged, steps, factors };
}
