import type { Finding } from "../../finding/finding";
import { type CurveModel, heightOf } from "./curveModel";
import { largestSlopes } from "./curvePass";
import type { CurveFit, CurveOutcome } from "./curveFit";
import { type Search, squaresAt, factorsAt } from "./levenbergMarquardt";
import type { CurveOptions } from "./curveOptions";
import { linearParameters } from "./linearParameters";
import { searched } from "./searched";
import { inverseOfSquare, type OrthogonalFactors } from "./orthogonalFactors";

type Covariance = NonNullable<CurveFit["covariance"]>;

/** The root of each weight, 1/s; 1 where no ± counts. */
function rootsOf(count: number, deviations: CurveOptions["deviations"]): Float64Array {
  const roots = new Float64Array(count).fill(1);
  if (deviations) for (let i = 0; i < count; i++) roots[i] = 1 / (deviations[i] as number);
  return roots;
}

/** Nothing here writes into the points. */
const asFloats = (values: ArrayLike<number>) =>
  values instanceof Float64Array ? values : Float64Array.from(values);

function allEqual(values: Float64Array): boolean {
  for (let i = 1; i < values.length; i++) if (values[i] !== values[0]) return false;
  return true;
}

function allFinite(values: Float64Array): boolean {
  for (let i = 0; i < values.length; i++) if (!Number.isFinite(values[i])) return false;
  return true;
}

function searchFor(
  model: CurveModel,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  { deviations, wishes = {} }: CurveOptions,
): Search {
  const of = (name: string) => wishes[name] ?? {};
  return {
    model,
    x: asFloats(x),
    y: asFloats(y),
    root: rootsOf(x.length, deviations),
    free: [...model.parameters.keys()].filter((j) => !of(model.parameters[j] as string).fixed),
    bounds: {
      least: model.parameters.map((name) => of(name).least ?? -Infinity),
      most: model.parameters.map((name) => of(name).most ?? Infinity),
    },
  };
}

const almostWholly = 0.999;

/** Parameters that make up for another one almost wholly. */
function correlated(covariance: Covariance, free: readonly number[]): ReadonlySet<number> {
  const at = (i: number, j: number) => covariance[i]?.[j] ?? 0;
  const isTied = (i: number, j: number) =>
    i !== j && Math.abs(at(i, j)) > almostWholly * Math.sqrt(at(i, i) * at(j, j));
  return new Set(free.filter((i) => free.some((j) => isTied(i, j))));
}

/** The free parameters that the points do not tell: first order means nothing where ± is larger than what it belongs to. */
function undeterminedIn({ model, free }: Search, at: Float64Array, covariance?: Covariance) {
  const names = free.map((place) => model.parameters[place] as string);
  if (linearParameters(model.expression, names).size === names.length) return new Set<number>();
  if (!covariance) return new Set(free);
  const tied = correlated(covariance, free);
  const error = (place: number) => Math.sqrt(covariance[place]?.[place] ?? 0);
  const isTold = (place: number) => error(place) <= Math.abs(at[place] as number);
  return new Set(free.filter((place) => tied.has(place) && !isTold(place)));
}

/** Akaike's criterion with its correction for few points (Hurvich & Tsai 1989). */
function criterionOf(n: number, free: number, rss: number, chiSquare: number | undefined) {
  const k = chiSquare === undefined ? free + 1 : free;
  if (n - k - 1 <= 0 || !(rss > 0)) return undefined;
  const misfit = chiSquare ?? n * Math.log(rss / n);
  return misfit + 2 * k + (2 * k * (k + 1)) / (n - k - 1);
}

function covarianceOf(search: Search, { r }: OrthogonalFactors, variance: number) {
  const inverse = inverseOfSquare(r);
  if (!inverse || !inverse.every((row) => row.every(Number.isFinite))) return undefined;
  const { free, model } = search;
  return model.parameters.map((_, i) =>
    model.parameters.map((__, j) => {
      const [a, b] = [free.indexOf(i), free.indexOf(j)];
      return a < 0 || b < 0 ? 0 : variance * (inverse[a]?.[b] ?? 0);
    }),
  );
}

function plainSquares({ model, x, y }: Search, at: Float64Array): number {
  const height = heightOf(model);
  let off = 0;
  for (let i = 0; i < x.length; i++) off += ((y[i] as number) - height(x[i] as number, at)) ** 2;
  return off;
}

/** Σ (y − ȳ)². */
function squaresAboutMean(y: Float64Array): number {
  let [sum, whole] = [0, 0];
  for (let i = 0; i < y.length; i++) sum += y[i] as number;
  const mean = sum / y.length;
  for (let i = 0; i < y.length; i++) whole += ((y[i] as number) - mean) ** 2;
  return whole;
}

function findingsOf(fit: Omit<CurveFit, "findings">, free: readonly number[]): readonly Finding[] {
  const { degreesOfFreedom, count, covariance, converged, startMattered } = fit;
  return [
    ...(converged ? [] : [{ name: "curve-not-settled" } as const]),
    ...(degreesOfFreedom === 0 ? [{ name: "as-many-parameters-as-points", count } as const] : []),
    ...(covariance && correlated(covariance, free).size > 0
      ? [{ name: "parameters-correlated" } as const]
      : []),
    ...(startMattered ? [{ name: "start-mattered" } as const] : []),
  ];
}

/** Part of the largest y below which what a parameter brings to the curve is rounding of the arithmetic. */
const rounding = 1e-12;

function largestIn(values: Float64Array): number {
  let most = 0;
  for (let i = 0; i < values.length; i++) most = Math.max(most, Math.abs(values[i] as number));
  return most;
}

/** What the slopes along each free parameter reach at least: their root mean square. */
function leastReach({ model, root, free }: Search, { r }: OrthogonalFactors): readonly number[] {
  let weight = 0;
  for (let i = 0; i < root.length; i++) weight += (root[i] as number) * (root[i] as number);
  return model.parameters.map((_, place) => {
    const column = free.indexOf(place);
    return column < 0 ? 0 : Math.sqrt(r.reduce((sum, row) => sum + (row[column] as number) ** 2, 0) / weight);
  });
} // prettier-ignore

/** Parameters and covariance without what rounding alone left of them: exact points state no (1 ± 2) × 10⁻¹². */
function quieted(
  search: Search,
  at: Float64Array,
  covariance: Covariance | undefined,
  factors?: OrthogonalFactors,
) {
  const { model, x, y } = search;
  const least = rounding * largestIn(y);
  const surely = factors && leastReach(search, factors);
  const isTold = (place: number) => {
    const size = Math.min(
      Math.abs(at[place] as number),
      Math.sqrt(covariance?.[place]?.[place] ?? 0),
    );
    return size * (surely?.[place] ?? 0) > least;
  };
  if (model.parameters.every((_, place) => isTold(place)))
    return { values: at, spread: covariance };
  const reach = largestSlopes(model, x, at);
  const isQuiet = (size: number, place: number) => !(size * (reach[place] as number) > least);
  const quiet = model.parameters.map((_, j) => isQuiet(Math.sqrt(covariance?.[j]?.[j] ?? 0), j));
  return {
    values: at.map((value, j) => (isQuiet(Math.abs(value), j) && quiet[j] ? 0 : value)),
    spread: covariance?.map((row, i) => row.map((part, j) => (quiet[i] || quiet[j] ? 0 : part))),
  };
}

interface Found {
  readonly at: Float64Array;
  readonly squares: number;
  readonly converged: boolean;
  readonly mattered: boolean;
  readonly factors?: OrthogonalFactors;
}

/** The found place in the usual form among those that are equivalent. */
function usualForm({ parameters }: CurveModel, at: Float64Array, { normalise }: CurveOptions) {
  if (!normalise) return at;
  const usual = normalise(Object.fromEntries(parameters.map((name, j) => [name, at[j] as number])));
  return Float64Array.from(parameters, (name) => usual[name] as number);
}

function described(
  search: Search,
  { at, squares, converged, mattered, factors }: Found,
  options: CurveOptions,
  known?: CurveFit["covariance"],
): CurveFit {
  const { model, free, x } = search;
  const [n, freeCount] = [x.length, free.length];
  const degreesOfFreedom = n - freeCount;
  const weighted = options.deviations !== undefined;
  const rss = weighted ? plainSquares(search, at) : squares;
  const whole = squaresAboutMean(search.y);
  const variance = weighted ? 1 : squares / degreesOfFreedom;
  const sure = degreesOfFreedom > 0 || weighted;
  const slopes = known || !sure ? undefined : (factors ?? factorsAt(search, at));
  const reckoned = known ?? (slopes && covarianceOf(search, slopes, variance));
  const { values, spread: covariance } = quieted(search, at, reckoned, slopes);
  const chiSquare = weighted ? squares : undefined;
  const untold = converged
    ? sure
      ? undeterminedIn(search, at, covariance)
      : new Set<number>()
    : new Set(free);
  const fit: Omit<CurveFit, "findings"> = {
    model,
    covariance,
    count: n,
    freeCount,
    degreesOfFreedom,
    converged,
    parameters: model.parameters.map((name, place) => ({
      name,
      value: values[place] as number,
      fixed: !free.includes(place),
      ...(untold.has(place) && { undetermined: true as const }),
      standardError:
        free.includes(place) && covariance ? Math.sqrt(covariance[place]?.[place] ?? 0) : undefined,
    })),
    weighting: weighted ? "y" : "none",
    residualSumOfSquares: rss,
    residualStandardDeviation: degreesOfFreedom > 0 ? Math.sqrt(rss / degreesOfFreedom) : undefined,
    rSquared: whole > 0 ? 1 - rss / whole : undefined,
    chiSquare,
    reducedChiSquare:
      chiSquare !== undefined && degreesOfFreedom > 0 ? chiSquare / degreesOfFreedom : undefined,
    criterion: criterionOf(n, freeCount, rss, chiSquare),
    startMattered: mattered,
  };
  return { ...fit, findings: findingsOf(fit, free) };
}

/** Describes a curve of which the parameters are known to be the best, as those of a polynomial. */
export function describedFit(
  model: CurveModel,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  options: CurveOptions,
  at: Float64Array,
  covariance: CurveFit["covariance"],
): CurveFit {
  const search = searchFor(model, x, y, options);
  const squares = squaresAt(search, heightOf(model), at);
  return described(search, { at, squares, converged: true, mattered: false }, options, covariance);
}

/**
 * Fits a curve with parameters inside any functions: Levenberg–Marquardt with exact derivatives from starting values found
 * from the points or given by a person; SE = √diag(s²(JᵀWJ)⁻¹). Checked with NIST StRD (nonlinear).
 * @param x, y points in the axes' units; @returns the best place found, `converged` or not, or why there is no curve.
 */
export function fitCurve(
  model: CurveModel,
  x: ArrayLike<number>,
  y: ArrayLike<number>,
  options: CurveOptions = {},
): CurveOutcome {
  const none = (finding: Finding): CurveOutcome => ({ kind: "no-curve", finding });
  const search = searchFor(model, x, y, options);
  const n = x.length;
  const least = Math.max(1, search.free.length);
  if (n !== y.length) return none({ name: "lengths-differ", x: n, y: y.length });
  if (n < least) return none({ name: "too-few-for-curve", count: n, wanted: least });
  if (allEqual(search.x)) {
    return none({ name: "all-x-equal", x: search.x[0] as number });
  }
  if (!allFinite(search.root)) return none({ name: "bar-of-zero" });
  const found = searched(search, options);
  if (!found) return none({ name: "curve-not-found" });
  const { parameters, factors, ...best } = found.best;
  const at = usualForm(model, parameters, options);
  const place = { ...best, at, mattered: found.others, ...(at === parameters && { factors }) };
  return { kind: "curve", fit: described(search, place, options) };
}
