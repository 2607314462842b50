import quantile from "@stdlib/stats-base-dists-t-quantile";
import { bestLine, type Box, combined, extremeLines, halfSpan, type Line, mean, parabolaOf,  slopeAlong, standardErrors } from "./arithmetic"; // prettier-ignore
import type { KnownColumn, MadeUp } from "./madeUpSheet";
import { type Complaints, markStatement } from "./statement";
import { joined, readingOf, truthOf } from "./truth";

interface Stated {
  readonly value: number;
  readonly size: number;
}

interface LineTruth {
  readonly line: Line;
  readonly size: { readonly slope: number; readonly intercept: number; readonly height: number };
  /** So many times the slope over the constant k, which may itself stand in the points. */
  readonly overConstant: (times: number) => Stated;
}

function pointsOf(
  made: MadeUp,
  wanted = made.series.includes("two") ? "two" : "",
): { points: Box[]; common: (k: number) => Box[] } | undefined {
  const [x, other] = made.columns as [KnownColumn, KnownColumn];
  const formula = made.formulas.find(({ symbol }) => symbol === made.figure.y);
  const rows = Array.from({ length: made.rows }, (_, row) => row).filter((row) => made.series[row] === wanted && !made.aside.has(row)); // prettier-ignore
  const points = rows.flatMap((row): Box[] => {
    const across = readingOf(x, row);
    const up = readingOf(other, row);
    const derived = formula && truthOf(made, formula, row);
    if (formula && !derived) return [];
    const y = derived
      ? { value: derived.value, up: derived.row, down: derived.row }
      : { value: up.value * other.factor, up: up.up * other.factor, down: up.down * other.factor };
    const at = across.value * x.factor;
    const [left, right] = [at - across.down * x.factor, at + across.up * x.factor];
    return [{ x: at, y: y.value, left, right, foot: y.value - y.down, top: y.value + y.up }];
  });
  if (points.length < 3 || new Set(points.map((one) => one.x)).size < 2) return undefined;
  const common = (k: number) => {
    const moved = { ...made, constant: { ...made.constant, value: k } };
    return rows.map((row, i) => ({ ...(points[i] as Box), ...(formula && { y: truthOf(moved, formula, row)!.value }) })); // prettier-ignore
  };
  return { points, common };
}

/** The boxes that the house's range follows: all, or the first and the last where each stands alone. */
function boxesOf({ rules }: MadeUp, points: readonly Box[]): readonly Box[] {
  if (rules.slopeRange === "every-box") return points;
  const [low, high] = [Math.min, Math.max].map((of) => of(...points.map(({ x }) => x)));
  const ends = points.filter(({ x }) => x === low || x === high);
  return rules.slopeRange === "end-boxes" && ends.length === 2 ? ends : [];
}

/** The extreme lines that the boxes allow where the ± are limits; none where there is no end to them. */
function allowed(made: MadeUp, points: readonly Box[]): readonly Line[] {
  const { hold, rules } = made;
  const boxes = boxesOf(made, points);
  if (
    rules.uncertaintyMeans !== "limit" ||
    !boxes.some((one) => one.right > one.left || one.top > one.foot)
  )
    return [];
  const from = Math.max(...boxes.map((one) => one.left));
  const to = Math.min(...boxes.map((one) => one.right));
  const endless =
    hold === "zero" ? from <= 0 && to >= 0 : hold === "free" && from <= to + 1e-12 * Math.abs(to);
  return endless ? [] : extremeLines(boxes, hold);
}

/** What a standard error is multiplied with: Student's t at 95 % where the range is that of statistics. */
function timesError({ hold, rules }: MadeUp, points: readonly Box[]): number {
  if (rules.slopeRange !== "statistics" || rules.uncertaintyMeans !== "limit") return 1;
  return quantile(0.975, points.length - (hold === "free" ? 2 : 1));
}

/** Slope, intercept and the height at the place that is read off, with their ±, in SI units; undefined where a teacher would not state them. */
function lineTruth(made: MadeUp): LineTruth | undefined {
  const found = pointsOf(made);
  if (!found) return undefined;
  const { points, common } = found;
  const { hold } = made;
  const line = bestLine(points, hold);
  const [x] = made.columns as [KnownColumn];
  const at = Number(made.readAt) * x.factor;
  const height = ({ slope, intercept }: Line) => slope * at + intercept;
  const errors = standardErrors(points, line, hold);
  const lines = allowed(made, points);
  const times = timesError(made, points);
  const own =
    lines.length > 0
      ? { slope: halfSpan(lines.map((one) => one.slope)), intercept: halfSpan(lines.map((one) => one.intercept)), height: halfSpan(lines.map(height)) } // prettier-ignore
      : { slope: times * errors.slope, intercept: times * errors.intercept, height: times * errors.height(at) }; // prettier-ignore
  const { value: k, size } = made.constant;
  const along = (of: (line: Line) => number) =>
    Math.abs(slopeAlong(([one]) => of(bestLine(common(one as number), hold)), [k], 0)) * size;
  const whole = (part: number, of: (line: Line) => number) => combined(made.rules.propagation, [part, along(of)]); // prettier-ignore
  return {
    line,
    size: {
      slope: whole(own.slope, (one) => one.slope),
      intercept: whole(own.intercept, (one) => one.intercept),
      height: whole(own.height, height),
    },
    overConstant: (times) => ({
      value: (times * line.slope) / k,
      size: combined(made.rules.propagation, [
        (times * own.slope) / k,
        Math.abs(
          slopeAlong(
            ([one]) => (times * bestLine(common(one as number), hold).slope) / (one as number),
            [k],
            0,
          ),
        ) * size,
      ]),
    }),
  };
}

/** x where the line reaches a typed height, over all lines that are allowed; undefined where one of them never does. */
function acrossTruth(made: MadeUp): Stated | undefined {
  const found = pointsOf(made);
  if (!found || made.figure.y !== "b") return undefined;
  const { points } = found;
  const up = Number(made.readUp) * (made.columns[1] as KnownColumn).factor;
  const { hold } = made;
  const line = bestLine(points, hold);
  const at = ({ slope, intercept }: Line) => (up - intercept) / slope;
  const lines = allowed(made, points);
  const errors = standardErrors(points, line, hold);
  const turns = lines.some(({ slope }) => slope * line.slope <= 0);
  if (turns || Math.abs(line.slope) < 3 * errors.slope) return undefined;
  const own = lines.length > 0 ? halfSpan(lines.map(at)) : Math.abs((timesError(made, points) * errors.height(at(line))) / line.slope); // prettier-ignore
  return { value: at(line), size: own };
}

/** x where the lines of both series cross: over every pair of allowed lines, or by the standard errors of both heights there. */
function crossingTruth(made: MadeUp): Stated | undefined {
  const both = ["one", "two"].map((series) => pointsOf(made, series)?.points);
  const [first, second] = both;
  if (!first || !second || made.hold !== "free" || made.figure.y !== "b") return undefined;
  const [a, b] = [bestLine(first), bestLine(second)];
  const at = (one: Line, other: Line) => (other.intercept - one.intercept) / (one.slope - other.slope); // prettier-ignore
  const [ofA, ofB] = [allowed(made, first), allowed(made, second)];
  const value = at(a, b);
  if (ofA.length > 0 && ofB.length > 0) {
    const apart = ofA.flatMap((one) => ofB.map((other) => one.slope - other.slope));
    if (Math.min(...apart) <= 0 && Math.max(...apart) >= 0) return undefined;
    return { value, size: halfSpan(ofA.flatMap((one) => ofB.map((other) => at(one, other)))) };
  }
  const heights = [first, second].map((points, i) => standardErrors(points, i === 0 ? a : b, "free").height(value)); // prettier-ignore
  return {
    value,
    size:
      (Math.max(...[first, second].map((points) => timesError(made, points))) *
        combined("quadrature", heights)) /
      Math.abs(a.slope - b.slope),
  };
}

/** The mean of b over all rows: their spread joins the mean ± of a row as repeats do. */
function meanTruth(made: MadeUp): Stated | undefined {
  const column = made.columns[1] as KnownColumn;
  const rows = Array.from({ length: made.rows }, (_, row) => row).filter((row) => !made.aside.has(row)); // prettier-ignore
  const read = rows.map((row) => readingOf(column, row));
  const values = read.map(({ value }) => value * column.factor);
  const bar = mean(read.map(({ size }) => size * column.factor));
  return { value: mean(values), size: joined(bar, values, column.repeated) };
}

/** The square's part in a parabola, with its standard error and what the constant brings. */
function bentTruth(made: MadeUp): Stated | undefined {
  const found = pointsOf(made);
  const bent = found && parabolaOf(found.points);
  if (!bent) return undefined;
  const reach = Math.max(...found.points.map(({ x }) => x * x));
  const least = 1e-12 * Math.max(...found.points.map(({ y }) => Math.abs(y)));
  if (bent.error * reach < least) return undefined;
  const { value: k, size } = made.constant;
  const moved = ([one]: readonly number[]) => parabolaOf(found.common(one as number))?.value ?? NaN;
  const common = Math.abs(slopeAlong(moved, [k], 0)) * size;
  return { value: bent.value, size: combined(made.rules.propagation, [bent.error, common]) };
}

/** Every result that is stated, against what the readings give. */
export function markResults(made: MadeUp, tex: readonly string[], said: Complaints): void {
  const truth = lineTruth(made);
  if (!truth) return;
  const [x] = made.columns as [KnownColumn];
  const at = Number(made.readAt) * x.factor;
  const { line, size } = truth;
  const state = (symbol: string) => tex.find((one) => one.startsWith(`${symbol} =`));
  const check = (symbol: string, value: number, own: number) => {
    const found = state(symbol);
    const room = Math.abs(line.slope * at) + Math.abs(line.intercept);
    if (found && (symbol === "p" || Math.abs(value) > 1e-9 * room)) markStatement(found, { value, size: own }, `result ${symbol}`, said); // prettier-ignore
  };
  check("p", line.slope, size.slope);
  if (made.hold !== "zero") check("q", line.intercept, size.intercept);
  check("r", line.slope * at + line.intercept, size.height);
  for (const [symbol, times] of [
    ["v", 2],
    ["G", 1],
  ] as const) {
    // prettier-ignore
    const { value, size: whole } = truth.overConstant(times);
    check(symbol, value, whole);
  }
  const across = acrossTruth(made);
  if (across) check("h", across.value, across.size);
  const crossed = crossingTruth(made);
  if (crossed) check("g", crossed.value, crossed.size);
  const whole = meanTruth(made);
  if (whole) check("u", whole.value, whole.size);
  const bent = bentTruth(made);
  if (bent) check("j", bent.value, bent.size);
}
