/** The triangular factor of a matrix of columns with the parts of a target along and beside them. */
export interface OrthogonalFactors {
  /** Upper triangle, row by row; 0 below the diagonal. */
  readonly r: readonly Float64Array[];
  /** Qᵀ · target. */
  readonly along: Float64Array;
  /** The square of what no combination of the columns reaches. */
  readonly beside: number;
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += (a[i] as number) * (b[i] as number);
  return sum;
}

function subtract(from: Float64Array, times: number, what: Float64Array): void {
  for (let i = 0; i < from.length; i++) from[i] = (from[i] as number) - times * (what[i] as number);
}

/**
 * QR by modified Gram–Schmidt with the target as a further column, which solves least squares as stably as
 * Householder's (Björck, Numerical Methods for Least Squares Problems, § 2.4.2).
 * @param columns of equal length, none is changed; @param target as long.
 */
export function orthogonalFactors(
  columns: readonly Float64Array[],
  target: Float64Array,
): OrthogonalFactors {
  const p = columns.length;
  const q = columns.map((column) => Float64Array.from(column));
  const rest = Float64Array.from(target);
  const r = Array.from({ length: p }, () => new Float64Array(p));
  const along = new Float64Array(p);
  for (let j = 0; j < p; j++) {
    const own = q[j] as Float64Array;
    const row = r[j] as Float64Array;
    const size = Math.sqrt(dot(own, own));
    row[j] = size;
    if (size === 0) continue;
    for (let i = 0; i < own.length; i++) own[i] = (own[i] as number) / size;
    for (let k = j + 1; k < p; k++) {
      const other = q[k] as Float64Array;
      row[k] = dot(own, other);
      subtract(other, row[k] as number, own);
    }
    along[j] = dot(own, rest);
    subtract(rest, along[j] as number, own);
  }
  return { r, along, beside: dot(rest, rest) };
}

/** Solves R δ = b from the last row up; undefined where a diagonal element is 0. */
export function backSubstituted(
  r: readonly Float64Array[],
  b: Float64Array,
): Float64Array | undefined {
  const p = r.length;
  const found = new Float64Array(p);
  for (let j = p - 1; j >= 0; j--) {
    const row = r[j] as Float64Array;
    let sum = b[j] as number;
    for (let k = j + 1; k < p; k++) sum -= (row[k] as number) * (found[k] as number);
    if (row[j] === 0) return undefined;
    found[j] = sum / (row[j] as number);
  }
  return found;
}

/** (RᵀR)⁻¹, which times the variance is the covariance of a fit; undefined where the columns depend on each other. */
export function inverseOfSquare(r: readonly Float64Array[]): number[][] | undefined {
  const p = r.length;
  const inverse: Float64Array[] = [];
  for (let j = 0; j < p; j++) {
    const unit = new Float64Array(p);
    unit[j] = 1;
    const column = backSubstituted(r, unit);
    if (!column) return undefined;
    inverse.push(column);
  }
  return Array.from({ length: p }, (_, i) =>
    Array.from({ length: p }, (_, j) =>
      inverse.reduce((sum, column) => sum + (column[i] as number) * (column[j] as number), 0),
    ),
  );
}

function squareOf(column: Float64Array, end: number): number {
  let square = 0;
  for (let i = 0; i < end; i++) square += (column[i] as number) * (column[i] as number);
  return square;
}

/**
 * The same factors of columns that come stretch by stretch: each is put under the triangle of those before, and brought to a
 * triangle with it (sequential QR; Björck, § 2.1). What it needs is made once.
 */
export class GrowingFactors {
  /** The stretch's columns, the target last; the numbers of a stretch stand from `first` on. */
  readonly columns: readonly Float64Array[];
  readonly first: number;
  private readonly triangle: readonly Float64Array[];
  /** The square of the column last taken out, and its products with those behind it. */
  private readonly sums: [number, number, number] = [0, 0, 0];

  /** @param count of columns beside the target; @param points the longest stretch. */
  constructor(
    private readonly count: number,
    points: number,
  ) {
    this.first = count + 1;
    this.columns = Array.from({ length: count + 1 }, () => new Float64Array(count + 1 + points));
    this.triangle = Array.from({ length: count + 1 }, () => new Float64Array(count + 1));
  }

  /** Forgets what was put in. */
  begin(): void {
    for (const row of this.triangle) row.fill(0);
  }

  /** Whether something that is no number was put in. */
  hasNone(): boolean {
    for (let j = 0; j <= this.count; j++) {
      const size = (this.triangle[j] as Float64Array)[j] as number;
      if (size !== size) return true;
    }
    return false;
  }

  /** Puts in the stretch that stands in the columns. */
  fold(points: number): void {
    const { columns, triangle, count, first } = this;
    const end = first + points;
    for (let k = 0; k <= count; k++) {
      const column = columns[k] as Float64Array;
      for (let i = 0; i <= count; i++) column[i] = (triangle[i] as Float64Array)[k] as number;
    }
    for (let j = 0; j <= count; j++) {
      const own = columns[j] as Float64Array;
      const row = triangle[j] as Float64Array;
      row.fill(0, j);
      let k = j + 1;
      if (k > count) row[j] = Math.sqrt(squareOf(own, end));
      for (; k < count; k += 2) {
        this.takeTwo(own, columns[k] as Float64Array, columns[k + 1] as Float64Array, end);
        this.put(row, j, k, 2);
      }
      if (k === count) {
        this.takeOne(own, columns[k] as Float64Array, end);
        this.put(row, j, k, 1);
      }
    }
  }

  /** Writes what was found of a column and those behind it into its row of the triangle. */
  private put(row: Float64Array, j: number, k: number, columns: 1 | 2): void {
    const [square, first, second] = this.sums;
    const size = Math.sqrt(square);
    row[j] = size;
    if (size === 0) return;
    row[k] = first / size;
    if (columns === 2) row[k + 1] = second / size;
  }

  /** Takes out of a column what lies along another one. */
  private takeOne(own: Float64Array, one: Float64Array, end: number): void {
    let [square, a] = [0, 0];
    for (let i = 0; i < end; i++) {
      const at = own[i] as number;
      square += at * at;
      a += at * (one[i] as number);
    }
    this.sums[0] = square;
    this.sums[1] = a;
    if (square === 0) return;
    const times = a / square;
    for (let i = 0; i < end; i++) one[i] = (one[i] as number) - times * (own[i] as number);
  }

  /** Takes out of two columns what lies along another one: in one go, for a sum waits for itself and not for others. */
  private takeTwo(own: Float64Array, one: Float64Array, two: Float64Array, end: number): void {
    let [square, a, b] = [0, 0, 0];
    for (let i = 0; i < end; i++) {
      const at = own[i] as number;
      square += at * at;
      a += at * (one[i] as number);
      b += at * (two[i] as number);
    }
    this.sums[0] = square;
    this.sums[1] = a;
    this.sums[2] = b;
    if (square === 0) return;
    const [first, second] = [a / square, b / square];
    for (let i = 0; i < end; i++) {
      const at = own[i] as number;
      one[i] = (one[i] as number) - first * at;
      two[i] = (two[i] as number) - second * at;
    }
  }

  /** The factors of all that was put in. */
  factors(): OrthogonalFactors {
    const { triangle, count } = this;
    const beside = (triangle[count] as Float64Array)[count] as number;
    return {
      r: triangle.slice(0, count).map((row) => row.slice(0, count)),
      along: Float64Array.from(
        { length: count },
        (_, j) => (triangle[j] as Float64Array)[count] as number,
      ),
      beside: beside * beside,
    };
  }
}
