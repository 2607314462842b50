import { type Expression, symbolsOf } from "../expression/tree";
import { sumOf } from "./algebra/fromExpression";
import { BeyondAlgebra } from "./algebra/sum";
import { numberExpression, sumExpression } from "./algebra/toExpression";
import { evaluator, holds, type Numbers, obeying } from "./checkPair";
import { type Pair, pairsOf, type Roles } from "./pairs";
import type { Theory } from "./theory";
import { variantsOf } from "./variants";

/** What a theory says that the line of a figure stands for. */
export interface LineOfTheory {
  readonly slope: Expression;
  readonly intercept: Expression;
}

/** What stands along the axes of a figure, in measured symbols of the theory. */
export interface TheoryAxes {
  readonly across: Expression;
  readonly up: Expression;
}

const seed = 417;
/** Part of two values below which their difference says nothing. */
const slack = 1e-3;
const tolerance = 1e-6;

/** The steps that one expression takes for each of another's, the same everywhere; undefined where there is no such number. */
function steadySteps(
  of: Expression,
  to: Expression,
  made: readonly (readonly Numbers[])[],
): number | undefined {
  const [above, below] = [evaluator(of), evaluator(to)];
  let ratio: number | undefined;
  for (const world of made) {
    const rows = world
      .map((row) => [above(row), below(row)] as const)
      .filter((pair) => pair.every(Number.isFinite));
    const [first, ...others] = rows;
    for (const [a, b] of others) {
      const [change, step] = [a - (first?.[0] ?? NaN), b - (first?.[1] ?? NaN)];
      if (Math.abs(step) <= slack * (Math.abs(b) + Math.abs(first?.[1] ?? 0))) continue;
      const now = change / step;
      if (ratio === undefined) ratio = now;
      else if (Math.abs(now - ratio) > tolerance * Math.abs(ratio)) return undefined;
    }
  }
  return ratio;
}

/** A simple number where the ratio is one but for rounding. */
const cleaned = (ratio: number) => Number(ratio.toPrecision(9));

const operation = (operator: "+" | "-" | "*", left: Expression, right: Expression): Expression => ({
  kind: "operation",
  operator,
  left,
  right,
});

function simplified(whole: Expression): Expression {
  try {
    return sumExpression(sumOf(whole));
  } catch (error) {
    if (error instanceof BeyondAlgebra) return whole;
    throw error;
  }
}

function scaled(expression: Expression, by: number): Expression {
  return by === 1 ? expression : simplified(operation("*", numberExpression(by), expression));
}

const isNothing = (expression: Expression) =>
  expression.kind === "number" && expression.value === 0;

/** How an axis follows a transform: so many times it, and something fixed; undefined where a measured symbol is left over. */
function alongAxis(
  axis: Expression,
  transform: Expression,
  { measured }: Roles,
  made: readonly (readonly Numbers[])[],
): { readonly times: number; readonly offset: Expression } | undefined {
  const steps = steadySteps(axis, transform, made);
  if (steps === undefined || steps === 0) return undefined;
  const times = cleaned(steps);
  const offset = simplified(operation("-", axis, scaled(transform, times)));
  return symbolsOf(offset).some((name) => measured.has(name)) ? undefined : { times, offset };
}

/**
 * Slope and intercept of a figure whose axes are a pair's transforms, each so many times and with an offset:
 * up = r v + s and across = p h + q turn v = m h + c into up = (r m/p) across + r c + s − (r m/p) q.
 */
function fitted(
  { vertical, horizontal, slope, intercept }: Pair,
  { across, up }: TheoryAxes,
  roles: Roles,
  made: readonly (readonly Numbers[])[],
): LineOfTheory | undefined {
  const ofUp = alongAxis(up, vertical, roles, made);
  const ofAcross = ofUp && alongAxis(across, horizontal, roles, made);
  if (!ofUp || !ofAcross) return undefined;
  const own = scaled(slope, cleaned(ofUp.times / ofAcross.times));
  const raised = scaled(intercept, ofUp.times);
  if (isNothing(ofUp.offset) && isNothing(ofAcross.offset))
    return { slope: own, intercept: raised };
  const moved = operation("-", operation("+", raised, ofUp.offset), operation("*", own, ofAcross.offset)); // prettier-ignore
  return { slope: own, intercept: simplified(moved) };
}

/**
 * What slope and intercept of a figure stand for by a theory: among the pairs that make the theory straight the one
 * that the figure shows, or shows a fixed multiple of. Checked with made-up numbers, like every pair.
 * @returns undefined where the theory does not make this figure straight.
 */
export function lineOfTheory(
  theory: Theory,
  measured: readonly string[],
  known: readonly string[],
  axes: TheoryAxes,
): LineOfTheory | undefined {
  const roles = { measured: new Set(measured), known: new Set(known) };
  const pairs = variantsOf(theory).flatMap((variant) => pairsOf(variant, roles));
  if (pairs.length === 0) return undefined;
  const made = obeying(theory, measured, seed);
  for (const pair of pairs) {
    const found = fitted(pair, axes, roles, made);
    if (found && holds(pair, made)) return found;
  }
  return undefined;
}
