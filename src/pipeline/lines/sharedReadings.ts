import { type PointErrors, sharedErrors, withErrorFactors } from "@/core/fit/sharedErrors";
import type { LineFit, LineOutcome } from "@/core/fit/lineFit";
import { meanBar } from "@/core/uncertainty/instrumentPart";
import type { LineChoice } from "@/investigation/model/figure";
import { holdOf, type LineRules, standardBars } from "./bestLine";
import { derivedCell, isFinding } from "../derived/derivedCell";
import type { EvaluatedQuantity, EvaluatedRow } from "../readings/evaluated";
import type { FigurePoints } from "./figurePoints";
import { measured } from "../readings/measured";

/** How a value of a row moves for one ± of each reading that it is made from, in the unit of its axis. */
function errorsOf(evaluated: EvaluatedQuantity, row: EvaluatedRow, place: number): PointErrors {
  const found = new Map<string, number>();
  const column = evaluated.derived?.column;
  if (!column) {
    const one = measured(row, evaluated);
    if (one) found.set(`${evaluated.id}/${place}`, meanBar(one.bars));
    return found;
  }
  const cell = derivedCell(column, place);
  if (!cell || isFinding(cell)) return found;
  const { factor } = column.formula.shown;
  column.variables.forEach(({ kind, id, shift }, index) => {
    const slope = cell.slopes[index] as number;
    if (kind !== "reading" || slope === 0) return;
    const at = column.steps.at(shift)[place] as number;
    const key = `${id}/${at}`;
    const size = (slope / factor) * (cell.sizes[index] as number);
    found.set(key, (found.get(key) ?? 0) + size);
  });
  return found;
}

const needsLook = ({ derived }: EvaluatedQuantity) => derived?.column !== undefined;

/** The readings that a quantity is made from, whatever their ±. */
function readingsUnder({ id, derived }: EvaluatedQuantity): ReadonlySet<string> {
  const variables = derived?.column?.variables ?? [];
  return new Set(
    derived ? variables.flatMap((one) => (one.kind === "reading" ? [one.id] : [])) : [id],
  );
}

function looksFurther({ derived }: EvaluatedQuantity): boolean {
  return (
    derived?.column?.variables.some(({ kind, shift }) => kind === "reading" && shift > 0) === true
  );
}

/** Which points share readings: neighbours with one another, or the two axes of each point; undefined where none do. */
function sharing({ x, y }: FigurePoints): "neighbours" | "axes" | undefined {
  if (!needsLook(x) && !needsLook(y)) return undefined;
  if (looksFurther(x) || looksFurther(y)) return "neighbours";
  const across = readingsUnder(x);
  return [...readingsUnder(y)].some((id) => across.has(id)) ? "axes" : undefined;
}

function squares(errors: PointErrors): number {
  return [...errors.values()].reduce((sum, size) => sum + size * size, 0);
}

/** Error off the line: that of y less the slope times that of x, where the bars of x count. */
function errorsOffLine(y: PointErrors, x: PointErrors, slope: number, withX: boolean): PointErrors {
  if (!withX) return y;
  const found = new Map(y);
  for (const [key, size] of x) found.set(key, (found.get(key) ?? 0) - slope * size);
  return found;
}

/**
 * A line through points that share readings, with its standard errors as they then are (calculation § 4): the best line
 * itself stays where it is.
 */
export function withSharedReadings(
  points: FigurePoints,
  outcome: LineOutcome,
  choice: LineChoice,
  rules: LineRules,
  indices: ReadonlyMap<EvaluatedRow, number>,
): LineOutcome {
  if (outcome.kind === "no-line" || outcome.line.standardErrorOfSlope === undefined) return outcome;
  const between = sharing(points);
  const weighted = choice.weights !== "none";
  if (!between || (between === "axes" && !weighted)) return outcome;
  const { line } = outcome;
  const factors = errorFactors(points, line, choice, rules, indices);
  const changed = factors && withErrorFactors(line, factors, holdOf(choice, rules));
  const shared = { between, factor: factors?.factors[0] };
  return { kind: "line", line: { ...line, ...changed, sharedReadings: shared } satisfies LineFit };
}

function errorFactors(
  points: FigurePoints,
  line: LineFit,
  choice: LineChoice,
  rules: LineRules,
  indices: ReadonlyMap<EvaluatedRow, number>,
) {
  const weighted = choice.weights !== "none";
  const withX = choice.weights !== "y";
  const { slope } = line;
  const each = points.rows.map((row) => {
    const place = indices.get(row) ?? -1;
    return [errorsOf(points.y, row, place), errorsOf(points.x, row, place)] as const;
  });
  const errors = each.map(([y, x]) => errorsOffLine(y, x, slope, withX));
  const alone = Float64Array.from(errors, (one, i) => {
    const [y, x] = each[i] as (typeof each)[number];
    return weighted ? squares(y) + (withX ? slope * slope * squares(x) : 0) : squares(one);
  });
  if (alone.some((variance) => !(variance > 0))) return undefined;
  const sx = standardBars(points.xBars, rules);
  const sy = standardBars(points.yBars, rules);
  const weights = sy.map((bar, i) => {
    const sigma = Math.hypot(bar, withX ? slope * (sx[i] as number) : 0);
    return weighted ? 1 / (sigma * sigma) : 1;
  });
  const byScatter = !weighted || choice.relative;
  return sharedErrors(points.xValues, weights, errors, alone, holdOf(choice, rules), byScatter);
}
