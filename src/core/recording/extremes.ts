import type { Readings } from "./trace";

/** A peak or a trough. */
export interface Extreme {
  readonly kind: "peak" | "trough";
  /** In s. */
  readonly time: number;
  /** In the unit of the channel. */
  readonly height: number;
  /** Standard uncertainty of the height from noise and resolution. */
  readonly uncertainty: number;
  /** Standard uncertainty of the time, in s. */
  readonly uncertaintyOfTime: number;
  /** Which run of readings it lies in, from 0: between two runs is a gap, in which more may have been. */
  readonly run: number;
}

/** The reading at an extreme, and which kind it is. */
interface Turn {
  readonly at: number;
  readonly kind: Extreme["kind"];
  readonly run: number;
}

/** Where readings turn by a depth: from a peak they fall, and before it they rose, by at least so much. */
function turnsOf({ values, gaps }: Readings, depth: number): Turn[] {
  const turns: Turn[] = [];
  let [heading, highest, lowest, gap] = [0, 0, 0, 0];
  for (let i = 0; i < values.length; i++) {
    if (gaps[gap] === i) {
      [heading, highest, lowest] = [0, i, i];
      gap += 1;
    }
    const value = values[i] as number;
    if (value > (values[highest] as number)) highest = i;
    if (value < (values[lowest] as number)) lowest = i;
    const fell = (values[highest] as number) - value >= depth;
    const rose = value - (values[lowest] as number) >= depth;
    if (heading >= 0 && fell) {
      if (heading > 0) turns.push({ at: highest, kind: "peak", run: gap });
      heading = -1;
      lowest = i;
    } else if (heading <= 0 && rose) {
      if (heading < 0) turns.push({ at: lowest, kind: "trough", run: gap });
      heading = 1;
      highest = i;
    }
  }
  return turns;
}

/** The readings beside a turn that lie within half of the depth of it. */
function nearTurn({ values, gaps }: Readings, { at, kind }: Turn, depth: number): [number, number] {
  const sign = kind === "peak" ? 1 : -1;
  const near = (i: number) => sign * ((values[at] as number) - (values[i] as number)) <= depth / 2;
  const left = gaps.findLast((gap) => gap <= at) ?? 0;
  const right = gaps.find((gap) => gap > at) ?? values.length;
  let [first, last] = [at, at];
  while (first > left && near(first - 1)) first -= 1;
  while (last < right - 1 && near(last + 1)) last += 1;
  return [first, last];
}

/** Σ xᵏ and Σ xᵏ y of readings, x from −1 to 1 about the middle of them. */
function momentsOf({ times, values }: Readings, first: number, last: number) {
  const centre = ((times[first] as number) + (times[last] as number)) / 2;
  const half = ((times[last] as number) - (times[first] as number)) / 2;
  const base = values[first] as number;
  let [s1, s2, s3, s4, y0, y1, y2] = [0, 0, 0, 0, 0, 0, 0];
  for (let i = first; i <= last; i++) {
    const x = ((times[i] as number) - centre) / half;
    const y = (values[i] as number) - base;
    const square = x * x;
    s1 += x;
    s2 += square;
    s3 += square * x;
    s4 += square * square;
    y0 += y;
    y1 += x * y;
    y2 += square * y;
  }
  return { centre, half, base, n: last - first + 1, s1, s2, s3, s4, y0, y1, y2 };
}

/**
 * The top of the parabola a + b x + c x² through readings by least squares: x = −b/2c, height a − b²/4c.
 * Its standard uncertainties follow from the inverse of the normal matrix times σ².
 * @returns undefined where it does not turn between them.
 */
function topOf(readings: Readings, first: number, last: number, uncertainty: number) {
  if (last - first < 4) return undefined;
  const { centre, half, base, n, s1, s2, s3, s4, y0, y1, y2 } = momentsOf(readings, first, last);
  const inverse = [
    [s2 * s4 - s3 * s3, s2 * s3 - s1 * s4, s1 * s3 - s2 * s2],
    [s2 * s3 - s1 * s4, n * s4 - s2 * s2, s1 * s2 - n * s3],
    [s1 * s3 - s2 * s2, s1 * s2 - n * s3, n * s2 - s1 * s1],
  ] as const;
  const determinant = n * inverse[0][0] + s1 * inverse[0][1] + s2 * inverse[0][2];
  const [a, b, c] = inverse.map(([p, q, r]) => (p * y0 + q * y1 + r * y2) / determinant) as [
    number,
    number,
    number,
  ];
  const x = -b / (2 * c);
  if (!(Math.abs(x) <= 1)) return undefined;
  /** √(gᵀ M⁻¹ g) of the slopes g of something in a, b and c. */
  const spreadBy = (g: readonly [number, number, number]): number => {
    const square = inverse.reduce((sum, [p, q, r], i) => sum + (g[i] as number) * (p * g[0] + q * g[1] + r * g[2]), 0); // prettier-ignore
    return Math.sqrt(Math.max(0, square / determinant)) * uncertainty;
  };
  return {
    time: centre + half * x,
    height: base + a - (b * b) / (4 * c),
    uncertainty: spreadBy([1, x, x * x]),
    uncertaintyOfTime: half * spreadBy([0, -1 / (2 * c), b / (2 * c * c)]),
  };
}

/**
 * Peaks and troughs by turns: each is at least so deep towards the one before and the one after it. Time and height are
 * those of the parabola through the readings within half a depth of it.
 * @param depth in the unit of the channel, above 0; @param uncertainty standard uncertainty of one reading.
 */
export function extremesOf(readings: Readings, depth: number, uncertainty: number): Extreme[] {
  return turnsOf(readings, depth).map((turn): Extreme => {
    const [first, last] = nearTurn(readings, turn, depth);
    const top = topOf(readings, first, last, uncertainty);
    const { kind, run } = turn;
    if (top) return { kind, run, ...top };
    const [from, to] = [readings.times[first] as number, readings.times[last] as number];
    return {
      kind,
      run,
      time: readings.times[turn.at] as number,
      height: readings.values[turn.at] as number,
      uncertainty,
      uncertaintyOfTime: (to - from) / Math.sqrt(12),
    };
  });
}
