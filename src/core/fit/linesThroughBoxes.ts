import { lowerEnvelope, type Ray, type Stretch, upperEnvelope } from "./envelope";

/** Error boxes [x − Δx down, x + Δx up] × [y − Δy down, y + Δy up], in the units of the axes. */
export interface ErrorBoxes {
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly xDown: ArrayLike<number>;
  readonly xUp: ArrayLike<number>;
  readonly yDown: ArrayLike<number>;
  readonly yUp: ArrayLike<number>;
}

export interface RangeLine {
  readonly slope: number;
  readonly intercept: number;
}

/** The bounds of the intercept as rays of t = |slope| for slopes of one sign. */
interface Half {
  readonly lower: readonly Stretch[];
  readonly upper: readonly Stretch[];
}

export interface Centre {
  readonly x: number;
  readonly y: number;
}

export function centreOf({ x, y }: ErrorBoxes): Centre {
  let [sumX, sumY] = [0, 0];
  for (let i = 0; i < x.length; i++) {
    sumX += (x[i] as number) - (x[0] as number);
    sumY += (y[i] as number) - (y[0] as number);
  }
  return { x: (x[0] as number) + sumX / x.length, y: (y[0] as number) + sumY / x.length };
}

/**
 * A line of slope ±t meets box i when its intercept lies between two bounds that are straight in t:
 * for +t  y − Δy − t(x + Δx) ≤ c ≤ y + Δy − t(x − Δx), for −t  y − Δy + t(x − Δx) ≤ c ≤ y + Δy + t(x + Δx).
 */
function halfOf(boxes: ErrorBoxes, centre: Centre, sign: 1 | -1, scale: number): Half {
  const lower: Ray[] = [];
  const upper: Ray[] = [];
  for (let i = 0; i < boxes.x.length; i++) {
    const x = (boxes.x[i] as number) - centre.x;
    const y = (boxes.y[i] as number) - centre.y;
    const right = x + scale * (boxes.xUp[i] as number);
    const left = x - scale * (boxes.xDown[i] as number);
    const [top, foot] = [
      y + scale * (boxes.yUp[i] as number),
      y - scale * (boxes.yDown[i] as number),
    ];
    lower.push({ offset: foot, rise: sign > 0 ? -right : left, index: i });
    upper.push({ offset: top, rise: sign > 0 ? -left : right, index: i });
  }
  return { lower: upperEnvelope(lower), upper: lowerEnvelope(upper) };
}

/** A piece of t on which the same two rays bound the intercept. */
interface Piece {
  readonly from: number;
  readonly to: number;
  readonly lower: Ray;
  readonly upper: Ray;
}

function* piecesOf({ lower, upper }: Half): Generator<Piece> {
  let [i, j] = [0, 0];
  let from = 0;
  while (i < lower.length && j < upper.length) {
    const endLower = lower[i + 1]?.from ?? Infinity;
    const endUpper = upper[j + 1]?.from ?? Infinity;
    const to = Math.min(endLower, endUpper);
    const rays = { lower: (lower[i] as Stretch).ray, upper: (upper[j] as Stretch).ray };
    if (to > from || to === Infinity) yield { from, to, ...rays };
    if (endLower <= to) i += 1;
    if (endUpper <= to) j += 1;
    if (to === Infinity) return;
    from = to;
  }
}

const rounding = 1e-13;

/** How much the lower bound stands above the upper one; what is only rounding counts as touching. */
function excess({ lower, upper }: Pick<Piece, "lower" | "upper">, t: number): number {
  const [a, b] = [lower.offset + lower.rise * t, upper.offset + upper.rise * t];
  const size =
    Math.abs(lower.offset) +
    Math.abs(upper.offset) +
    (Math.abs(lower.rise) + Math.abs(upper.rise)) * t;
  const gap = a - b;
  return Math.abs(gap) <= rounding * size ? 0 : gap;
}

interface Allowed {
  readonly from: number;
  readonly to: number;
}

/** The stretch of t for which a line exists; the excess is convex in t, so it is one stretch. */
function allowed(half: Half): Allowed | undefined {
  let from: number | undefined;
  let to: number | undefined;
  for (const piece of piecesOf(half)) {
    const { lower, upper } = piece;
    const start = excess(piece, piece.from);
    const end = piece.to === Infinity ? undefined : excess(piece, piece.to);
    const crossing = (lower.offset - upper.offset) / (upper.rise - lower.rise);
    if (start <= 0) {
      from ??= piece.from;
      const rises = lower.rise > upper.rise;
      if (end === undefined) to = rises ? Math.max(piece.from, crossing) : Infinity;
      else to = end <= 0 ? piece.to : Math.max(piece.from, crossing);
    } else if (from === undefined) {
      const falls = lower.rise < upper.rise;
      if (end === undefined ? falls : end <= 0) {
        from = Math.max(piece.from, crossing);
        to = piece.to;
      }
    }
  }
  return from === undefined || to === undefined ? undefined : { from, to };
}

/** The intercept at a slope: the middle between its bounds, which meet at the ends of the range. */
function lineAt(half: Half, t: number, sign: 1 | -1, centre: Centre): RangeLine {
  let [low, high] = [-Infinity, Infinity];
  for (const { ray } of half.lower) low = Math.max(low, ray.offset + ray.rise * t);
  for (const { ray } of half.upper) high = Math.min(high, ray.offset + ray.rise * t);
  const slope = sign * t || 0;
  return { slope, intercept: (low + high) / 2 + centre.y - slope * centre.x };
}

export interface Found {
  readonly greatest: RangeLine;
  readonly least: RangeLine;
  readonly endless: boolean;
  /** Corners of the convex polygon of all lines that meet every box, in slope and intercept; none where it is endless. */
  readonly corners: readonly RangeLine[];
}

/** The corners of one half of the polygon: where its bounds of the intercept bend, and its ends. */
function cornersOf(half: Half, { from, to }: Allowed, sign: 1 | -1, centre: Centre): RangeLine[] {
  const line = (t: number, height: number): RangeLine => {
    const slope = sign * t || 0;
    return { slope, intercept: height + centre.y - slope * centre.x };
  };
  return [half.lower, half.upper].flatMap((bound) => {
    const bends = bound.map((stretch) => stretch.from).filter((t) => t > from && t < to);
    return [from, ...bends, to].map((t) => {
      const heights = bound.map(({ ray }) => ray.offset + ray.rise * t);
      const height =
        bound === half.lower
          ? heights.reduce((a, b) => Math.max(a, b), -Infinity)
          : heights.reduce((a, b) => Math.min(a, b), Infinity);
      return line(t, height);
    });
  });
}

/** The range of the lines that meet every box, all bars `scale` times as long; undefined where there is no line. */
export function rangeOf(boxes: ErrorBoxes, centre: Centre, scale: number): Found | undefined {
  const rising = halfOf(boxes, centre, 1, scale);
  const falling = halfOf(boxes, centre, -1, scale);
  const [up, down] = [allowed(rising), allowed(falling)];
  if (!up && !down) return undefined;
  const endless = up?.to === Infinity || down?.to === Infinity;
  const greatest = up
    ? { half: rising, t: up.to, sign: 1 as const }
    : { half: falling, t: (down as Allowed).from, sign: -1 as const };
  const least = down
    ? { half: falling, t: down.to, sign: -1 as const }
    : { half: rising, t: (up as Allowed).from, sign: 1 as const };
  const line = ({ half, t, sign }: typeof greatest | typeof least) =>
    lineAt(half, Number.isFinite(t) ? t : 0, sign, centre);
  const corners = endless
    ? []
    : [
        ...(up ? cornersOf(rising, up, 1, centre) : []),
        ...(down ? cornersOf(falling, down, -1, centre) : []),
      ];
  return { greatest: line(greatest), least: line(least), endless, corners };
}
