export interface Tolerance {
  readonly rel: number;
  readonly abs: number;
}

/** How far a whole answer is from the expected one: the worst relative error, and where it fails. */
export interface Comparison {
  readonly worst: number;
  readonly failures: readonly string[];
}

/** Quantities with a Student quantile agree to 1e-7 of the estimate and its half-width together. */
const studentT = /(^|\.)(t|ci|confidence|prediction)\d\d/;
const studentTolerance = 1e-7;

interface Walk {
  worst: number;
  failures: string[];
  readonly tolerance: Tolerance;
  readonly each: Readonly<Record<string, Tolerance | number>>;
}

function toleranceAt(path: string, walk: Walk): Tolerance {
  const own = walk.each[path.split(".")[0] ?? ""];
  if (typeof own === "number") return { rel: 0, abs: own };
  if (own) return own;
  if (!studentT.test(path)) return walk.tolerance;
  return { rel: Math.max(studentTolerance, walk.tolerance.rel), abs: walk.tolerance.abs };
}

/** The two ends of an interval are judged by the larger of them. */
function sizeOf(expected: number, siblings: unknown): number {
  if (!Array.isArray(siblings)) return Math.abs(expected);
  return Math.max(...siblings.map((value) => Math.abs(Number(value))));
}

function compareNumber(got: unknown, expected: number, path: string, walk: Walk, parent: unknown) {
  const { rel, abs } = toleranceAt(path, walk);
  const size = studentT.test(path) ? sizeOf(expected, parent) : Math.abs(expected);
  const error = typeof got === "number" ? Math.abs(got - expected) : Infinity;
  if (error > abs && size > 0) walk.worst = Math.max(walk.worst, error / size);
  if (!(error <= abs + rel * size)) walk.failures.push(`${path}: ${String(got)}, not ${expected}`);
}

function visit(got: unknown, expected: unknown, path: string, walk: Walk, parent: unknown): void {
  if (expected === null || typeof expected === "string" || typeof expected === "boolean") {
    if ((got ?? null) !== expected) walk.failures.push(`${path}: ${String(got)}, not ${expected}`);
  } else if (typeof expected === "number") compareNumber(got, expected, path, walk, parent);
  else {
    for (const [key, value] of Object.entries(expected as object)) {
      const inner = (got as Record<string, unknown> | undefined)?.[key];
      visit(inner, halfUp(value), path === "" ? key : `${path}.${key}`, walk, expected);
    }
  }
}

/** Where a tie is told in two ways, ours is half away from zero. */
function halfUp(expected: unknown): unknown {
  const choice = expected as { half_up?: unknown } | null;
  return choice && typeof choice === "object" && "half_up" in choice ? choice.half_up : expected;
}

/** Compares an answer with the expected one, leaf by leaf: |got − expected| ≤ abs + rel·|expected|. */
export function compare(
  got: unknown,
  expected: unknown,
  tolerance: Tolerance,
  each: Readonly<Record<string, Tolerance | number>> = {},
): Comparison {
  const walk: Walk = { worst: 0, failures: [], tolerance, each };
  visit(got, halfUp(expected), "", walk, undefined);
  return { worst: walk.worst, failures: walk.failures };
}
