/** Values of parameters by their names. */
export type Named = Readonly<Record<string, number>>;

/** Points that a family looks at for its starting values. */
export interface Points {
  readonly x: Float64Array;
  readonly y: Float64Array;
}

/** A shape that a curve may have. */
export interface CurveRule {
  /** In x, with the parameters that are looked for. */
  readonly formula: string;
  /** Where to begin, as values of the parameters that stand inside functions; the others follow by least squares. */
  readonly starts: (points: Points) => readonly Named[];
  /** Whether other parameters can meet evenly spaced points as closely: then a person's beginning alone is not enough. */
  readonly ambiguous?: boolean;
  /** Among equivalent solutions the usual one. */
  readonly normalise?: (values: Named) => Named;
}

export interface Span {
  readonly low: number;
  readonly high: number;
  readonly size: number;
}

/** From the lowest to the highest of some numbers. */
export function spanOf(values: Float64Array): Span {
  let [low, high] = [Infinity, -Infinity];
  for (const value of values) {
    low = Math.min(low, value);
    high = Math.max(high, value);
  }
  return { low, high, size: high - low || Math.abs(high) || 1 };
}

/** Slope of the line through points of which both coordinates are numbers; undefined for fewer than two. */
export function roughSlope(x: readonly number[], y: readonly number[]): number | undefined {
  const kept = x.flatMap((u, i) =>
    Number.isFinite(u) && Number.isFinite(y[i]) ? [[u, y[i] as number] as const] : [],
  );
  const mean = (of: 0 | 1) => kept.reduce((sum, pair) => sum + pair[of], 0) / kept.length;
  const [mx, my] = [mean(0), mean(1)];
  const along = kept.reduce((sum, [u]) => sum + (u - mx) ** 2, 0);
  if (kept.length < 2 || along === 0) return undefined;
  return kept.reduce((sum, [u, v]) => sum + (u - mx) * (v - my), 0) / along;
}

/** An angle within half a turn of 0. */
export function withinHalfTurn(angle: number): number {
  return angle - 2 * Math.PI * Math.ceil(angle / (2 * Math.PI) - 0.5);
}
