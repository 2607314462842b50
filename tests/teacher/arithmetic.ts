/** What a teacher works out by hand, without any of the program's own code. */

export type Rule = "worst-case" | "quadrature";

export const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
export const mean = (values: readonly number[]) => sum(values) / values.length;

/** Parts of a ± as one: added, or √ of the sum of their squares. */
export function combined(rule: Rule, parts: readonly number[]): number {
  return rule === "worst-case" ? sum(parts.map(Math.abs)) : Math.sqrt(sum(parts.map((p) => p * p)));
}

const step = 1e-5;

/** ∂f/∂xᵢ by central differences. */
export function slopeAlong(
  f: (inputs: readonly number[]) => number,
  at: readonly number[],
  i: number,
): number {
  const h = step * (Math.abs(at[i] as number) || 1);
  const moved = (by: number) => f(at.map((value, j) => (j === i ? value + by : value)));
  return (moved(h) - moved(-h)) / (2 * h);
}

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A point with the sides of its box. */
export interface Box extends Point {
  readonly left: number;
  readonly right: number;
  readonly foot: number;
  readonly top: number;
}

export interface Line {
  readonly slope: number;
  readonly intercept: number;
}

/** A line that is free, held at zero, or held to a slope. */
export type Hold = "free" | "zero" | number;

/** Least squares, every point alike. */
export function bestLine(points: readonly Point[], hold: Hold = "free"): Line {
  if (typeof hold === "number") {
    return { slope: hold, intercept: mean(points.map(({ x, y }) => y - hold * x)) };
  }
  if (hold === "zero") {
    const slope = sum(points.map(({ x, y }) => x * y)) / sum(points.map(({ x }) => x * x));
    return { slope, intercept: 0 };
  }
  const [mx, my] = [mean(points.map(({ x }) => x)), mean(points.map(({ y }) => y))];
  const slope =
    sum(points.map(({ x, y }) => (x - mx) * (y - my))) / sum(points.map(({ x }) => (x - mx) ** 2));
  return { slope, intercept: my - slope * mx };
}

/** Standard errors of slope, intercept and of the height at an x. */
export function standardErrors(points: readonly Point[], line: Line, hold: Hold) {
  const n = points.length;
  const rss = sum(points.map(({ x, y }) => (y - line.intercept - line.slope * x) ** 2));
  if (typeof hold === "number") {
    const intercept = Math.sqrt(rss / (n - 1) / n);
    return { slope: 0, intercept, height: () => intercept };
  }
  if (hold === "zero") {
    const slope = Math.sqrt(rss / (n - 1) / sum(points.map(({ x }) => x * x)));
    return { slope, intercept: 0, height: (x: number) => Math.abs(x) * slope };
  }
  const mx = mean(points.map(({ x }) => x));
  const sxx = sum(points.map(({ x }) => (x - mx) ** 2));
  const s2 = rss / (n - 2);
  const height = (x: number) => Math.sqrt(s2 * (1 / n + (x - mx) ** 2 / sxx));
  return { slope: Math.sqrt(s2 / sxx), intercept: height(0), height };
}

/** Every line through two corners, through zero and one, or of the held slope through one, that meets all boxes: the extremes are among them. */
export function extremeLines(points: readonly Box[], hold: Hold): readonly Line[] {
  const corners = points.flatMap(({ left, right, foot, top }) =>
    [left, right].flatMap((x) => [foot, top].map((y) => ({ x, y }))),
  );
  const starts = hold === "zero" ? [{ x: 0, y: 0 }] : corners;
  const size = Math.max(...corners.map(({ y }) => Math.abs(y)));
  const meets = ({ slope, intercept }: Line) =>
    points.every(({ left, right, foot, top }) => {
      const ends = [left, right].map((at) => slope * at + intercept);
      const room = 1e-9 * size;
      return Math.min(...ends) <= top + room && Math.max(...ends) >= foot - room;
    });
  if (typeof hold === "number") {
    return corners.map(({ x, y }) => ({ slope: hold, intercept: y - hold * x })).filter(meets);
  }
  return starts.flatMap((a) =>
    corners.flatMap((b): Line[] => {
      if (a.x === b.x) return [];
      const slope = (b.y - a.y) / (b.x - a.x);
      const line = { slope, intercept: a.y - slope * a.x };
      return meets(line) ? [line] : [];
    }),
  );
}

export function halfSpan(values: readonly number[]): number {
  return (Math.max(...values) - Math.min(...values)) / 2;
}

/** c of y = a + b x + c x² by least squares, every point alike, with its standard error; the x are centred and scaled first. */
export function parabolaOf(points: readonly Point[]): { value: number; error: number } | undefined {
  const centre = mean(points.map(({ x }) => x));
  const size = Math.max(...points.map(({ x }) => Math.abs(x - centre)));
  const us = points.map(({ x }) => (x - centre) / size);
  const line = bestLine(points.map((one, i) => ({ ...one, x: us[i] as number }))); // prettier-ignore
  const curve = bestLine(us.map((u) => ({ x: u, y: u * u }))); // prettier-ignore
  const bent = us.map((u) => u * u - curve.intercept - curve.slope * u);
  const left = points.map(({ y }, i) => y - line.intercept - line.slope * (us[i] as number));
  const square = sum(bent.map((q) => q * q));
  if (points.length < 4 || square < 1e-9) return undefined;
  const value = sum(bent.map((q, i) => q * (left[i] as number))) / square;
  const rest = sum(left.map((one, i) => (one - value * (bent[i] as number)) ** 2));
  const error = Math.sqrt(rest / (points.length - 3) / square);
  return { value: value / size ** 2, error: error / size ** 2 };
}
