import type { Finding } from "../../finding/finding";
import { type CurveModel, heightOf } from "./curveModel";
import { largestSlopes } from "./curvePass";
import type { CurveFit, CurveOutcome } from "./curveFit";
import { type Search, squaresAt, factorsAt } from "./levenbergMarquardt";
import type { CurveOptions } from "./curveOptions";
import { linearParameters } from "./linearParameters";
import { searched } from "./searched";
import { inverseOfSquare } from "./orthogonalFactors";

type Covariance = NonNullable<CurveFit["covariance"]>;

/** The root of each weight, 1/s; 1 where no ± counts. */
function rootsOf(count: number, deviations: CurveOptions["deviations"]): Float64Array {
  const roots = new Float64Array(count).fill(1);
  if (deviations) for (let i = 0; i < count; i++) roots[i] = 1 / (deviations[i] as number);
  return roots;
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
    x: Float64Array.from(x),
    y: Float64Array.from(y),
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

function covarianceOf(search: Search, at: Float64Array, variance: number) {
  const inverse = inverseOfSquare(factorsAt(search, at).r);
  if (!inverse || !inverse.every((row) => row.every(Number.isFinite))) return undefined;
  const { free, model } = search;
  return model.parameters.map((_, i) =>
    model.parameters.map((__, j) => {
      const [a, b] = [free.indexOf(i), free.indexOf(j)];
      return a < 0 || b < 0 ? 0 : variance * (inverse[a]?.[b] ?? 0);
    }),
  );
}

function plainSquares({ x, y }: Search, model: CurveModel, at: Float64Array) {
  const height = heightOf(model);
  let [mean, off, whole] = [0, 0, 0];
  for (let i = 0; i < y.length; i++) mean += (y[i] as number) / y.length;
  for (let i = 0; i < x.length; i++) {
    off += ((y[i] as number) - height(x[i] as number, at)) ** 2;
    whole += ((y[i] as number) - mean) ** 2;
  }
  return { off, whole };
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

/** Parameters and covariance without what rounding alone left of them: exact points state no (1 ± 2) × 10⁻¹². */
function quieted(search: Search, at: Float64Array, covariance: Covariance | undefined) {
  const { model, x, y } = search;
  const least = rounding * largestIn(y);
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
}

/** The found place in the usual form among those that are equivalent. */
function usualForm({ parameters }: CurveModel, at: Float64Array, { normalise }: CurveOptions) {
  if (!normalise) return at;
  const usual = normalise(Object.fromEntries(parameters.map((name, j) => [name, at[j] as number])));
  return Float64Array.from(parameters, (name) => usual[name] as number);
}

function described(
  search: Search,
  { at, squares, converged, mattered }: Found,
  options: CurveOptions,
  known?: CurveFit["covariance"],
): CurveFit {
  const { model, free, x } = search;
  const [n, freeCount] = [x.length, free.length];
  const degreesOfFreedom = n - freeCount;
  const weighted = options.deviations !== undefined;
  const { off: rss, whole } = plainSquares(search, model, at);
  const variance = weighted ? 1 : squares / degreesOfFreedom;
  const sure = degreesOfFreedom > 0 || weighted;
  const reckoned = known ?? (sure ? covarianceOf(search, at, variance) : undefined);
  const { values, spread: covariance } = quieted(search, at, reckoned);
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
  if (search.x.every((value) => value === search.x[0])) {
    return none({ name: "all-x-equal", x: search.x[0] as number });
  }
  if (!search.root.every(Number.isFinite)) return none({ name: "bar-of-zero" });
  const found = searched(search, options);
  if (!found) return none({ name: "curve-not-found" });
  const { parameters, squares, converged } = found.best;
  const at = usualForm(model, parameters, options);
  return {
    kind: "curve",
    fit: described(search, { at, squares, converged, mattered: found.others }, options),
  };
}
