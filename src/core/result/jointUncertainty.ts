/**
 * Numbers that come from one fit and so err together: either by a covariance matrix, or along one direction (half the
 * slope range turns slope and intercept at once).
 */
export interface JointInputs {
  readonly names: readonly string[];
  readonly values: readonly number[];
  readonly spread:
    | { readonly kind: "covariance"; readonly matrix: readonly (readonly number[])[] }
    | { readonly kind: "shift"; readonly shift: readonly number[] }
    /** Anything inside a polygon: how far its corners lie from the values. */
    | {
        readonly kind: "corners";
        readonly corners: readonly (readonly number[])[];
        /** Two directions that span it about as far, for draws. */
        readonly directions: readonly (readonly number[])[];
      }
    | { readonly kind: "unknown" };
}

/** Half of what lies between the least and the greatest of several numbers. */
export function halfSpan(values: readonly number[]): number {
  const least = values.reduce((a, b) => Math.min(a, b), Infinity);
  const greatest = values.reduce((a, b) => Math.max(a, b), -Infinity);
  return values.length === 0 ? 0 : (greatest - least) / 2;
}

/**
 * The ± that inputs which err together bring to f: √(gᵀ C g), |g · shift| (GUM eq. 13 and 16), or half of what g · corner
 * spans.
 * @param gradient ∂f/∂input, in the order of the names.
 */
export function jointPart({ spread }: JointInputs, gradient: readonly number[]): number {
  switch (spread.kind) {
    case "unknown":
      return 0;
    case "shift":
      return Math.abs(gradient.reduce((sum, g, i) => sum + g * (spread.shift[i] as number), 0));
    case "corners":
      return halfSpan(
        spread.corners.map((corner) =>
          gradient.reduce((sum, g, i) => sum + g * (corner[i] as number), 0),
        ),
      );
    case "covariance": {
      const { matrix } = spread;
      const square = gradient.reduce(
        (sum, g, i) =>
          sum + g * gradient.reduce((inner, h, j) => inner + h * (matrix[i]?.[j] ?? 0), 0),
        0,
      );
      return Math.sqrt(Math.max(0, square));
    }
  }
}

/**
 * Directions in which the inputs vary independently of one another, so that values + Σ zₖ·directionₖ has their spread
 * for independent zₖ: the columns of the Cholesky factor, or the shift alone.
 */
export function independentDirections({ spread, values }: JointInputs): readonly number[][] {
  if (spread.kind === "unknown") return [];
  if (spread.kind === "shift") return [[...spread.shift]];
  if (spread.kind === "corners") return spread.directions.map((direction) => [...direction]);
  const { matrix } = spread;
  const size = values.length;
  const lower = Array.from({ length: size }, () => new Array<number>(size).fill(0));
  for (let i = 0; i < size; i++) {
    for (let j = 0; j <= i; j++) {
      const [a, b] = [lower[i] as number[], lower[j] as number[]];
      let sum = matrix[i]?.[j] ?? 0;
      for (let k = 0; k < j; k++) sum -= (a[k] as number) * (b[k] as number);
      const pivot = b[j] as number;
      a[j] = i === j ? Math.sqrt(Math.max(0, sum)) : pivot > 0 ? sum / pivot : 0;
    }
  }
  return values
    .map((_, k) => lower.map((row) => row[k] as number))
    .filter((direction) => direction.some((part) => part !== 0));
}
